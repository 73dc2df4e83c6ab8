export const noteOnKept = (tag: string) => `Note on ${tag} kept.`;
export const keepThisNote = "Keep this note";
export const photographOfKeptWhereIt = (tag: string) => `Photograph of ${tag} kept; where it was taken is not.`;
export const photograph = "Photograph";
export const madeSmallerAndKeptWithout = "Made smaller and kept without the place it was taken at.";
export const thereIsNoSuchPicture = "There is no such picture.";
export const privateMaxAge31536000Immutable = "private, max-age=31536000, immutable";
export const theDatabaseDoesNotAnswer = "The database does not answer just now.";
export const aurelianDoesNotAnswerIs =
  "Aurelian does not answer: is it still running? Choose the picture again in a moment.";
