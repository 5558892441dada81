/**
 * Take in: tools, their dimensions, and what wore off them.
 *
 * <p>Dimensions are kept as they were typed and as what they mean; wear is only added, each with what it rests on.
 *
 * <p>What went as planned is an estimate until the tool is measured again.
 */
package truekeen.app.tool;
