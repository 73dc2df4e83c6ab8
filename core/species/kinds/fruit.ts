import type { Kind } from "../fields";
import { complete } from "./make";

const HARDY_FRUIT = {
  leaf: "deciduous",
  rootGrowthBaseC: 7,
  coolForBloom: false,
  leafC: null,
  rootHeatC: 38,
} as const;
const TEMPERATE_WORK = { springRootZoneC: 5, takeHoldBaseC: 6, takeHoldDegreeDays: 300 } as const;

/** Fruit that loses its leaves. */
// prettier-ignore
export const FRUIT: Kind[] = [
  complete("pomegranate", "Pomegranate", "Punica granatum", "pomegranate-like",
    "Late nitrogen kills its wood. Dry between waterings till bloom, then evenly moist while in fruit: swings split it.", {
    ...HARDY_FRUIT, group: "mediterranean", vigour: ["moderate", "vigorous"], spread: "even", roots: "fibrous", tolerance: "robust", rootShare: 0.5,
    largestStep: null, cropVolumeL: [25, 60], potNote: "any", mixNote: "any", ph: [5.5, 8], lime: "likes", phosphate: "usual", salt: "tolerant",
    water: "dry-between", kc: [0.5, 0.8], winterLight: "dark", winterC: [0, 7], chillPortions: [8, 18], crownC: -13, budC: null, bloomC: -1, flushFrostC: -2,
    rootKillYoungC: -4, rootKillMatureC: -7, springRootZoneC: 9, takeHoldBaseC: 9, takeHoldDegreeDays: 280, rootWork: ["swell"],
    bloomDays: [40, 90], fruitDays: [150, 200], cropDegreeDays: 1700, pollination: "self", circle: null, feeding: "late-nitrogen-harms", wind: "usual",
    hazards: ["thorns"], health: ["scale"], yieldPer10L: [2, 6], yieldUnit: "fruits", traits: ["autumn-averse"], bringInNightC: -4,
  }, { M: "crownC chillPortions salt ph" }),
  complete("kaki", "Persimmon, kaki; Persimmon; Kaki", "Diospyros kaki", "pomegranate-like", "Healthy roots are black. Deep pots. Nitrogen makes it drop its fruit.", {
    ...HARDY_FRUIT, group: "tropical-fruit", vigour: ["moderate", "moderate"], spread: "deep", roots: "tap", tolerance: "touchy", rootShare: 0.1,
    largestStep: null, cropVolumeL: [40, 80], potNote: "deep", mixNote: "loam", ph: [6, 7], lime: "tolerates", phosphate: "usual", salt: "sensitive",
    water: "even", kc: [0.6, 0.9], winterLight: "dark", winterC: [-2, 7], chillPortions: [10, 35], crownC: -16, budC: null, bloomC: -2, flushFrostC: -2,
    rootKillYoungC: -5, rootKillMatureC: -8, springRootZoneC: 9, takeHoldBaseC: 9, takeHoldDegreeDays: 280, rootWork: ["swell"],
    bloomDays: [40, 60], fruitDays: [175, 220], cropDegreeDays: 1400, pollination: "self", circle: "persimmon", feeding: "lean", wind: "brittle",
    hazards: [], health: [], yieldPer10L: [2, 6], yieldUnit: "fruits", traits: ["autumn-averse", "fleshy-rooted", "grafted"], bringInNightC: -7,
  }, { M: "crownC" }),
  complete("medlar", "Medlar", "Mespilus germanica", "apple-like", "On quince stock it dislikes lime.", {
    ...HARDY_FRUIT, ...TEMPERATE_WORK, group: "pome", vigour: ["slow", "moderate"], spread: "even", roots: "fibrous", tolerance: "robust", rootShare: 0.45,
    largestStep: null, cropVolumeL: [30, 60], potNote: "any", mixNote: "loam", ph: [6, 7.2], lime: "tolerates", phosphate: "usual", salt: "usual",
    water: "even", kc: [0.6, 0.9], winterLight: "dark", winterC: [-4, 6], chillPortions: [40, 60], crownC: -28, budC: -25, bloomC: -2, flushFrostC: -3,
    rootKillYoungC: -7, rootKillMatureC: -10, rootWork: ["leaf-fall", "late-dormant", "swell"], bloomDays: [35, 55], fruitDays: [195, 225],
    cropDegreeDays: 900, pollination: "self", circle: null, feeding: "usual", wind: "usual", hazards: ["thorns"], health: ["fireblight"],
    yieldPer10L: [5, 15], yieldUnit: "fruits", traits: ["grafted"],
  }, { M: "pollination" }),
  complete("quince", "Quince", "Cydonia oblonga", "apple-like", "Fireblight; tolerates wet.", {
    ...HARDY_FRUIT, ...TEMPERATE_WORK, group: "pome", vigour: ["moderate", "moderate"], spread: "shallow", roots: "fibrous", tolerance: "robust", rootShare: 0.5,
    largestStep: null, cropVolumeL: [35, 70], potNote: "any", mixNote: "moist", ph: [5.8, 7], lime: "mild-hater", phosphate: "usual", salt: "usual",
    water: "wet-tolerant", kc: [0.6, 0.95], winterLight: "dark", winterC: [-3, 6], chillPortions: [20, 35], crownC: -25, budC: -22, bloomC: -2, flushFrostC: -3,
    rootKillYoungC: -7, rootKillMatureC: -9, rootWork: ["leaf-fall", "late-dormant", "swell"], bloomDays: [20, 45], fruitDays: [175, 210],
    cropDegreeDays: 950, pollination: "self", circle: null, feeding: "usual", wind: "usual", hazards: [], health: ["fireblight"],
    yieldPer10L: [2, 5], yieldUnit: "fruits", traits: [],
  }, { M: "crownC pollination" }),
  complete("peach", "Dwarf peach; Peach; Nectarine", "Prunus persica", "apple-like", "Keep rain off in spring. Crown cuts in early summer.", {
    ...HARDY_FRUIT, ...TEMPERATE_WORK, group: "stone", vigour: ["slow", "moderate"], spread: "even", roots: "fibrous", tolerance: "normal", rootShare: 0.35,
    largestStep: null, cropVolumeL: [25, 50], potNote: "any", mixNote: "airy", ph: [6, 7.2], lime: "mild-hater", phosphate: "usual", salt: "sensitive",
    water: "even", kc: [0.7, 1], winterLight: "dark-to-swell", winterC: [-4, 6], chillPortions: [25, 65], crownC: -24, budC: -19, bloomC: -2.5, flushFrostC: -3,
    rootKillYoungC: -8, rootKillMatureC: -10, rootWork: ["late-dormant", "swell"], bloomDays: [-10, 25], fruitDays: [100, 150],
    cropDegreeDays: 800, pollination: "self", circle: null, feeding: "hungry", wind: "usual", hazards: ["seeds-poisonous"],
    health: ["peach-curl", "stone-fruit-rules", "canker"], yieldPer10L: [4, 10], yieldUnit: "fruits", traits: ["stone-fruit", "grafted"],
  }, { M: "crownC budC bloomC chillPortions pollination rootKillYoungC" }),
  complete("sour-cherry", "Sour cherry", "Prunus cerasus", "apple-like", "Never soggy. Crown cuts in summer.", {
    ...HARDY_FRUIT, ...TEMPERATE_WORK, group: "stone", vigour: ["moderate", "moderate"], spread: "shallow", roots: "fibrous", tolerance: "normal", rootShare: 0.35,
    largestStep: null, cropVolumeL: [30, 60], potNote: "any", mixNote: "airy", ph: [6, 7.5], lime: "tolerates", phosphate: "usual", salt: "sensitive",
    water: "even", kc: [0.65, 0.95], winterLight: "dark", winterC: [-5, 5], chillPortions: [55, 75], crownC: -30, budC: -24, bloomC: -2.2, flushFrostC: -3,
    rootKillYoungC: -9, rootKillMatureC: -12, rootWork: ["late-dormant", "swell"], bloomDays: [0, 30], fruitDays: [80, 110],
    cropDegreeDays: 550, pollination: "self", circle: "cherry", feeding: "usual", wind: "usual", hazards: ["seeds-poisonous"],
    health: ["canker", "stone-fruit-rules"], yieldPer10L: [0.4, 1.2], yieldUnit: "kg", traits: ["stone-fruit", "grafted"],
  }, { M: "crownC bloomC pollination" }),
  complete("serviceberry", "Serviceberry", "Amelanchier lamarckii", "apple-like", "Dislikes lime a little.", {
    ...HARDY_FRUIT, ...TEMPERATE_WORK, group: "pome", vigour: ["moderate", "moderate"], spread: "shallow", roots: "fibrous", tolerance: "robust", rootShare: 0.45,
    largestStep: null, cropVolumeL: [25, 55], potNote: "any", mixNote: "moist", ph: [5, 6.8], lime: "mild-hater", phosphate: "usual", salt: "usual",
    water: "wet-tolerant", kc: [0.6, 0.9], winterLight: "dark", winterC: [-6, 5], chillPortions: [50, 70], crownC: -35, budC: -30, bloomC: -3, flushFrostC: -3,
    rootKillYoungC: -10, rootKillMatureC: -14, rootWork: ["leaf-fall", "late-dormant", "swell"], bloomDays: [5, 30], fruitDays: [70, 95],
    cropDegreeDays: 450, pollination: "self", circle: null, feeding: "usual", wind: "usual", hazards: [], health: ["fireblight", "pear-rust"],
    yieldPer10L: [0.1, 0.4], yieldUnit: "kg", traits: [],
  }, { M: "crownC" }),
  complete("fig", "Fig", "Ficus carica", "fig-like", "Restrict its roots for a crop. Dry in winter.", {
    ...HARDY_FRUIT, group: "fig-like", vigour: ["very-vigorous", "very-vigorous"], spread: "even", roots: "fibrous", tolerance: "robust", rootShare: 0.5,
    largestStep: null, cropVolumeL: [25, 40], potNote: "heavy", mixNote: "loam", ph: [6, 8], lime: "likes", phosphate: "usual", salt: "tolerant",
    water: "even", kc: [0.7, 1], winterLight: "dark", winterC: [-2, 8], chillPortions: [5, 15], crownC: -10, budC: null, bloomC: null, flushFrostC: -2,
    rootKillYoungC: -4, rootKillMatureC: -7, springRootZoneC: 8, takeHoldBaseC: 8, takeHoldDegreeDays: 280, rootWork: ["late-dormant", "swell"],
    bloomDays: null, fruitDays: [85, 170], cropDegreeDays: 1300, pollination: "self", circle: null, feeding: "late-nitrogen-harms", wind: "usual",
    hazards: ["sap-burns", "sap-irritates", "poisonous-to-animals"], health: ["scale", "nematodes", "xylella-rules"], yieldPer10L: [6, 15], yieldUnit: "fruits", traits: ["autumn-averse"], bringInNightC: -4,
  }, { M: "crownC salt hazards" }),
  complete("apple", "Apple on dwarfing stock; Apple", "Malus domestica", "apple-like", "Brittle roots. Stake it, keep the union clear.", {
    ...HARDY_FRUIT, ...TEMPERATE_WORK, group: "pome", vigour: ["slow", "moderate"], spread: "shallow", roots: "fibrous", tolerance: "robust", rootShare: 0.45,
    largestStep: null, cropVolumeL: [30, 60], potNote: "heavy", mixNote: "loam", ph: [6, 7.2], lime: "tolerates", phosphate: "usual", salt: "sensitive",
    water: "even", kc: [0.65, 0.95], winterLight: "dark-to-swell", winterC: [-5, 5], chillPortions: [40, 75], crownC: -30, budC: -28, bloomC: -2.2, flushFrostC: -3,
    rootKillYoungC: -8, rootKillMatureC: -11, rootWork: ["leaf-fall", "late-dormant", "swell"], bloomDays: [10, 35], fruitDays: [105, 195],
    cropDegreeDays: 850, pollination: "partner", circle: "apple", feeding: "usual", wind: "brittle", hazards: [], health: ["fireblight", "canker"],
    yieldPer10L: [4, 10], yieldUnit: "fruits", traits: ["grafted", "staked"],
  }, { H: "pollination", M: "crownC chillPortions rootKillYoungC rootKillMatureC bloomC" }),
  complete("pear", "Pear", "Pyrus communis", "apple-like", "Bears nothing without a partner in flower.", {
    ...HARDY_FRUIT, ...TEMPERATE_WORK, group: "pome", vigour: ["moderate", "moderate"], spread: "even", roots: "fleshy", tolerance: "normal", rootShare: 0.3,
    largestStep: null, cropVolumeL: [35, 70], potNote: "deep", mixNote: "loam", ph: [5.8, 7], lime: "mild-hater", phosphate: "usual", salt: "usual",
    water: "wet-tolerant", kc: [0.65, 0.95], winterLight: "dark", winterC: [-4, 5], chillPortions: [45, 70], crownC: -28, budC: -25, bloomC: -2.2, flushFrostC: -3,
    rootKillYoungC: -7, rootKillMatureC: -9, rootWork: ["late-dormant", "swell"], bloomDays: [5, 30], fruitDays: [120, 160],
    cropDegreeDays: 850, pollination: "partner", circle: "pear", feeding: "usual", wind: "usual", hazards: [], health: ["fireblight", "pear-rust"],
    yieldPer10L: [3, 8], yieldUnit: "fruits", traits: ["autumn-averse", "grafted", "staked"],
  }, { H: "pollination", M: "crownC chillPortions bloomC" }),
  complete("plum", "Plum", "Prunus domestica", "apple-like", "Pull suckers of the stock. Crown cuts in summer.", {
    ...HARDY_FRUIT, ...TEMPERATE_WORK, group: "stone", vigour: ["moderate", "vigorous"], spread: "shallow", roots: "fibrous", tolerance: "normal", rootShare: 0.4,
    largestStep: null, cropVolumeL: [35, 70], potNote: "any", mixNote: "loam", ph: [6, 7.2], lime: "tolerates", phosphate: "usual", salt: "sensitive",
    water: "even", kc: [0.65, 0.95], winterLight: "dark", winterC: [-5, 5], chillPortions: [45, 75], crownC: -28, budC: -24, bloomC: -2.2, flushFrostC: -3,
    rootKillYoungC: -9, rootKillMatureC: -12, rootWork: ["late-dormant"], bloomDays: [-5, 25], fruitDays: [100, 150],
    cropDegreeDays: 750, pollination: "partly", circle: "plum", feeding: "hungry", wind: "brittle", hazards: ["seeds-poisonous"],
    health: ["stone-fruit-rules", "canker"], yieldPer10L: [0.6, 2], yieldUnit: "kg", traits: ["stone-fruit", "grafted"],
  }, { M: "crownC bloomC" }),
  complete("apricot", "Apricot", "Prunus armeniaca", "apple-like", "Breaks earliest of all: keep it cold, and cut it in summer only.", {
    ...HARDY_FRUIT, ...TEMPERATE_WORK, group: "stone", vigour: ["vigorous", "vigorous"], spread: "even", roots: "fleshy", tolerance: "touchy", rootShare: 0.25,
    largestStep: null, cropVolumeL: [40, 80], potNote: "any", mixNote: "airy", ph: [6.2, 7.8], lime: "tolerates", phosphate: "usual", salt: "sensitive",
    water: "dry-between", kc: [0.65, 0.95], winterLight: "dark", winterC: [-5, 3], chillPortions: [35, 65], crownC: -25, budC: -18, bloomC: -2, flushFrostC: -3,
    rootKillYoungC: -8, rootKillMatureC: -10, rootWork: ["late-dormant"], bloomDays: [-14, 15], fruitDays: [90, 120],
    cropDegreeDays: 700, pollination: "partly", circle: "apricot", feeding: "usual", wind: "usual", hazards: ["seeds-poisonous"],
    health: ["stone-fruit-rules", "canker"], yieldPer10L: [4, 10], yieldUnit: "fruits", traits: ["stone-fruit", "grafted"],
  }, { M: "crownC bloomC" }),
  complete("mulberry", "White mulberry; Mulberry", "Morus alba", "fig-like", "Yellow, brittle roots are healthy. Bleeds; the fruit stains.", {
    ...HARDY_FRUIT, group: "fig-like", vigour: ["very-vigorous", "very-vigorous"], spread: "even", roots: "fleshy", tolerance: "robust", rootShare: 0.45,
    largestStep: null, cropVolumeL: [30, 60], potNote: "heavy", mixNote: "loam", ph: [5.8, 7.5], lime: "tolerates", phosphate: "usual", salt: "tolerant",
    water: "even", kc: [0.7, 1], winterLight: "dark", winterC: [-4, 6], chillPortions: [20, 40], crownC: -25, budC: null, bloomC: -1.5, flushFrostC: -2,
    rootKillYoungC: -6, rootKillMatureC: -9, springRootZoneC: 8, takeHoldBaseC: 8, takeHoldDegreeDays: 280, rootWork: ["late-dormant", "swell"],
    bloomDays: [10, 30], fruitDays: [70, 110], cropDegreeDays: 700, pollination: "self", circle: null, feeding: "usual", wind: "brittle", hazards: ["sap-irritates"],
    health: ["invasive", "canker"], yieldPer10L: [0.3, 1], yieldUnit: "kg", traits: ["bleeder", "fleshy-rooted"],
  }, { M: "crownC" }),
];
