import { logistic, softplus } from "../math/index";
import { fillAt, softplusAt } from "./curves";

test("the tables follow the curves to a ten-millionth over the whole range of a ladder", () => {
  let worst = 0;
  for (let x = -6; x <= 8.4; x += 0.00137)
    worst = Math.max(worst, Math.abs(fillAt(x) - logistic(x)), Math.abs(softplusAt(x) - softplus(x)));
  expect(worst).toBeLessThan(1.2e-7);
});
