/** A Map or a WeakMap. */
interface Store<K, V> {
  get(key: K): V | undefined;
  set(key: K, value: V): unknown;
}

/** What a map has under a key, put there when it is first asked for. */
export function getOrMake<K, V>(map: Store<K, V>, key: K, make: () => V): V {
  let value = map.get(key);
  if (value === undefined) {
    value = make();
    map.set(key, value);
  }
  return value;
}
