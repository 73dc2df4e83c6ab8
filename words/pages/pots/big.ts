export const bigContainers = "Big containers";
export const whatIsPlanned = "What is planned";
