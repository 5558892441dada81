package truekeen.app.history;

import java.util.UUID;

/** The work that was asked for on a tool is done: published within the transaction that ends it. */
public record ToolDone(UUID toolId) {}
