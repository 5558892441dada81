package truekeen.app.history;

import java.util.UUID;

/**
 * Something changed that may move a tool to another stage of the work: published within the transaction that changes it,
 * so that whoever keeps a summary keeps it true.
 */
public record ToolChanged(UUID toolId) {}
