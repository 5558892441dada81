package truekeen.app.tool;

import java.util.UUID;

/**
 * Another tool was taken in like one that is here: published within the same transaction, so that whoever keeps something
 * that holds for both copies it.
 */
public record ToolCopied(UUID from, UUID to) {}
