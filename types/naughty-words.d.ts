declare module "naughty-words" {
  const lists: { readonly en: readonly string[] };
  export default lists;
}
