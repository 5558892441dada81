package truekeen.core.tool;

import truekeen.core.quantity.Angle;
import truekeen.core.quantity.Length;

/**
 * A secondary bevel as it stands.
 *
 * @param angle in the convention of the tool
 * @param width along its face
 */
public record Micro(Angle angle, Length width) {}
