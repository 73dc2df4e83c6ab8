/** What a browser fetches once a form is first sent: all schemas, and how their faults are read. */
export { contractOf } from "./index";
export { readBy } from "./read";
