-- Each tree's plan as it was last computed: may be deleted at any time.
CREATE TABLE IF NOT EXISTS derived_plan (
  collection_id UUID NOT NULL,
  tree_id UUID NOT NULL,
  model VARCHAR(40) NOT NULL,
  packed MEDIUMTEXT NOT NULL,
  PRIMARY KEY (collection_id, tree_id)
)
