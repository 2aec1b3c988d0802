/** With its first letter large, as a line of its own begins. */
export const capital = (text: string): string => text.replace(/^./, (letter) => letter.toUpperCase());
