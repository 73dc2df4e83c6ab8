/** What the search for a tree says of what it found. */
export const NO_TREE_FOUND = "No tree has all of these words.";
export const NO_ANSWER = "Aurelian does not answer just now: is it still running?";
