package truekeen.core.job;

/**
 * The broad face of a single-bevel knife laid on the stone and worked evenly.
 *
 * @param shaping what it takes
 */
public record BroadFace(Shaping shaping) implements LaidFace {
    @Override
    public JobKind kind() {
        return JobKind.BROAD_FACE;
    }
}
