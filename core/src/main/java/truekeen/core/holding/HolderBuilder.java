package truekeen.core.holding;

import java.util.List;
import java.util.Optional;
import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;
import truekeen.core.tool.Measures;

/** Builds the holders from their dimensions. */
record HolderBuilder(HolderKind kind, Measures m, List<Length> blocks, Optional<Wheel> wheel) {
    Holder roller(boolean byFace) {
        return new RollerHolder(
                kind,
                m.length("rollerRadius"),
                m.length("axleBelowBack"),
                m.length("axleSetback"),
                byFace,
                m.lengthIfAny("eccentric"),
                m.lengthIfAny("bodyDrop"),
                m.lengthIfAny("bodyWidth"),
                m.lengthIfAny("rollerWidth"),
                blocks);
    }

    Holder rest() {
        return new RestHolder(wheel.orElseThrow(), m.length("contact"));
    }

    Holder bar() {
        return new BarHolder(
                wheel.orElseThrow(),
                m.length("reach"),
                m.length("offset"),
                m.length("barDiameter").dividedBy(2));
    }

    Holder belt() {
        return new BeltTable(m.angleIfAny("wrap").orElse(Angle.ZERO));
    }

    Holder stack(boolean byEye) {
        return new SpineStack(byEye ? Optional.empty() : Optional.of(m.length("piece")), m.lengthIfAny("lever"));
    }

    Holder wedge() {
        return new WedgeBlock(m.angleIfAny("wedge"));
    }

    Holder spineHone() {
        return new SpineHone(m.lengthIfAny("foot"));
    }

    Holder handStone() {
        return new HandStone(m.length("stoneLength"));
    }
}
