package truekeen.core.job;

/**
 * The back worked flat on the stone until it is even, then polished.
 *
 * @param shaping what it takes
 */
public record BackFlat(Shaping shaping) implements LaidFace {
    @Override
    public JobKind kind() {
        return JobKind.BACK;
    }

    @Override
    public boolean backSide() {
        return true;
    }
}
