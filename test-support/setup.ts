import fc from "fast-check";

// The same cases in every run, so that a red run means a change; FC_SEED=… goes looking for new ones.
fc.configureGlobal({ seed: Number(process.env.FC_SEED ?? 20_260_515) });
