export const noSuchCollection = "no such collection";
export const theDatabaseDoesNotAnswer = "the database does not answer just now";
