package app.blenner.server.item.store;

import app.blenner.server.change.Change;

/** An item was saved, or has another stage: its revision is another. */
public record ItemRevised(String item, long revision) implements Change {}
