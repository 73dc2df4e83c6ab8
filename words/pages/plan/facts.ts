export const andMore = (number: string) => `, and ${number} more`;
