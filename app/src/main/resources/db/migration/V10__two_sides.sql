-- The face on the other side of the same piece, where a stone or strop has two; each of the two names the other.
alter table abrasive add column other_side uuid references abrasive (id) on delete set null;
