import { isValidElement, type ReactElement, type ReactNode } from "react";

/** The first element of a component in what a screen returned, wherever it lies; null where there is none. */
export function elementOf<P>(node: ReactNode, component: (props: P) => unknown): ReactElement<P> | null {
  if (Array.isArray(node)) {
    for (const child of node as ReactNode[]) {
      const found = elementOf(child, component);
      if (found) return found;
    }
    return null;
  }
  if (!isValidElement<P & { children?: ReactNode }>(node)) return null;
  if (node.type === component) return node;
  return elementOf(node.props.children, component);
}

/** What a screen hands to the component that shows it. */
export function propsOf<P>(node: ReactNode, component: (props: P) => unknown): P {
  const found = elementOf(node, component);
  if (!found) throw new Error(`${component.name} is not on this screen.`);
  return found.props;
}
