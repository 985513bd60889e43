import { type Order, orders } from "@proven-seat/core/judgement/proof";
import { useBench } from "../../bench/bench-store.ts";

const after = (order: Order): Order => orders[(orders.indexOf(order) + 1) % orders.length]!;

/** Walks through the orders of the candidates. */
export const nextOrder = (): void => {
  const { order, setOrder } = useBench.getState();
  setOrder(after(order));
};
