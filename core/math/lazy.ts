/**
 * Puts a value on an object that is worked out when it is first read. It counts as a plain field: it is listed, copied and compared like
 * any other.
 */
export function lazily<T extends object, K extends string, V>(object: T, key: K, make: () => V): T & Record<K, V> {
  Object.defineProperty(object, key, {
    enumerable: true,
    configurable: true,
    get() {
      const value = make();
      Object.defineProperty(object, key, { enumerable: true, configurable: true, writable: true, value });
      return value;
    },
  });
  return object as T & Record<K, V>;
}
