export const addYourFirstTreeIts =
  "Add your first tree: its species and the pot it grows in are enough to say what it needs and when. With many trees, walk round with the phone, or import a list.";
export const addTheFirstTree = "Add the first tree";
export const walkRound = "Walk round";
export const importAList = "Import a list";
export const workingItOutFor = (day: string) => `Working it out for ${day} …`;
export const wasNotHereThen = (tag: string) => `${tag} was not here then`;
export const onItHadNotArrived = (day: string) =>
  `On ${day} it had not arrived yet, or had left already: there is nothing to be done with it on that day.`;
export const backToToday = "Back to today";
export const noSuchJob = "no such job";
export const readingTheCollection = "Reading the collection …";
export const stop = "Stop";
export const takenBack = "Taken back.";
export const broughtBack = "Brought back.";
export const closeThisMessage = "Close this message";
export const aurelian = "Aurelian";
export const pageTitle = (children: string) => `${children} · Aurelian`;
export const simulatedForecast = "simulated forecast";
export const cannotBeShown = "Cannot be shown";
export const thisPageCannotBeShown = "This page cannot be shown just now";
export const theDatabaseDoesNotAnswer =
  "The database does not answer, or something in the program went wrong. Your records are safe: they are only ever written whole.";
export const tryAgain = "Try again";
