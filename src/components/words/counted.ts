/** `"3 marks"`. @param count how many, from 0 @param thing the word for one of them */
export const counted = (count: number, thing: string): string =>
  `${count} ${count === 1 ? thing : thing.replace(/^\w+/, "$&s")}`;
