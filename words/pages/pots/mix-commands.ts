export const componentTakenOut = (name: string) => `Component ${name} taken out`;
export const component = (name: string) => `Component ${name}`;
export const recipeTakenOut = (name: string) => `Recipe ${name} taken out`;
export const recipe = (name: string) => `Recipe ${name}`;
export const bagsOnOffer = "Bags on offer";
export const takenOffTheShelf = " taken off the shelf";
export const product = (name: string, which: string) => `Product ${name}${which}`;
export const reclaimedMix = (name: string) => `Reclaimed mix ${name}`;
