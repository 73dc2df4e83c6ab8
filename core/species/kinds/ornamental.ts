import type { Kind } from "../fields";
import { complete } from "./make";

const LEAFY = {
  leaf: "deciduous",
  rootGrowthBaseC: 7,
  largestStep: null,
  cropVolumeL: null,
  coolForBloom: false,
  leafC: null,
  budC: null,
  rootHeatC: 38,
  springRootZoneC: 5,
  takeHoldBaseC: 6,
  takeHoldDegreeDays: 300,
  fruitDays: null,
  cropDegreeDays: null,
  pollination: "no-crop",
  circle: null,
  yieldPer10L: null,
  yieldUnit: "fruits",
} as const;

/** Ornamentals that lose their leaves. */
// prettier-ignore
export const ORNAMENTAL: Kind[] = [
  complete("japanese-maple", "Japanese maple", "Acer palmatum", "japanese-maple-like", "Bleeds when cut before full leaf. Young leaves die at −2 °C.", {
    ...LEAFY, group: "deciduous-ornamental", vigour: ["slow", "moderate"], spread: "shallow", roots: "fibrous", tolerance: "robust", rootShare: 0.45,
    potNote: "light-coloured", mixNote: "airy", ph: [5, 6.5], lime: "mild-hater", phosphate: "usual", salt: "sensitive", water: "even", kc: [0.5, 0.8],
    winterLight: "dark", winterC: [-5, 5], chillPortions: [45, 65], crownC: -25, bloomC: null, flushFrostC: -2, rootKillYoungC: -9, rootKillMatureC: -10,
    rootWork: ["late-dormant", "swell"], bloomDays: [5, 25], feeding: "lean", wind: "usual", hazards: [], health: ["wilt", "vine-weevil"], traits: ["bleeder", "grafted"],
  }, { M: "crownC rootKillYoungC rootKillMatureC salt", references: { rootKillYoungC: "rootKill", rootKillMatureC: "rootKill" } }),
  complete("crape-myrtle", "Crape myrtle", "Lagerstroemia indica", "pomegranate-like", "Late nitrogen keeps it soft. Dry between waterings, even moisture in bloom.", {
    ...LEAFY, group: "deciduous-ornamental", vigour: ["moderate", "vigorous"], spread: "even", roots: "fibrous", tolerance: "robust", rootShare: 0.5,
    potNote: "any", mixNote: "any", ph: [5, 7], lime: "mild-hater", phosphate: "usual", salt: "usual", water: "dry-between", kc: [0.6, 0.9],
    winterLight: "dark", winterC: [-2, 7], chillPortions: [10, 25], crownC: -16, bloomC: null, flushFrostC: -2, rootKillYoungC: -5, rootKillMatureC: -8,
    springRootZoneC: 10, takeHoldBaseC: 9, takeHoldDegreeDays: 280, rootWork: ["swell"], bloomDays: [80, 160], feeding: "late-nitrogen-harms", wind: "usual",
    hazards: [], health: ["scale"], traits: [], bringInNightC: -7,
  }, { M: "crownC" }),
  complete("stewartia", "Stewartia", "Stewartia pseudocamellia", "japanese-maple-like", "Bud swell only, never dry, no lime.", {
    ...LEAFY, group: "deciduous-ornamental", vigour: ["very-slow", "slow"], spread: "shallow", roots: "fibrous", tolerance: "touchy", rootShare: 0.1,
    largestStep: 1.7, potNote: "wide", mixNote: "acid", ph: [4.5, 6], lime: "hater", phosphate: "little", salt: "sensitive", water: "even", kc: [0.5, 0.75],
    winterLight: "dark", winterC: [-4, 5], chillPortions: [50, 65], crownC: -25, bloomC: null, flushFrostC: -2, rootKillYoungC: -6, rootKillMatureC: -9,
    rootWork: ["swell"], bloomDays: [70, 100], feeding: "lean", wind: "usual", hazards: [], health: [], traits: ["autumn-averse"],
  }, { M: "crownC" }),
  complete("ginkgo", "Ginkgo", "Ginkgo biloba", "japanese-maple-like", "Water-rich roots freeze in pots.", {
    ...LEAFY, group: "deciduous-ornamental", vigour: ["slow", "slow"], spread: "deep", roots: "fleshy", tolerance: "normal", rootShare: 0.3,
    potNote: "deep", mixNote: "loam", ph: [5.5, 7.5], lime: "tolerates", phosphate: "usual", salt: "usual", water: "dry-between", kc: [0.5, 0.75],
    winterLight: "dark", winterC: [-4, 5], chillPortions: [40, 60], crownC: -30, bloomC: null, flushFrostC: -2, rootKillYoungC: -7, rootKillMatureC: -10,
    rootWork: ["swell"], bloomDays: null, feeding: "usual", wind: "sturdy", hazards: ["fruit-irritates", "seeds-poisonous", "poisonous-to-animals"], health: [],
    traits: ["autumn-averse", "fleshy-rooted"],
  }, { M: "crownC hazards" }),
  complete("witch-hazel", "Witch hazel", "Hamamelis × intermedia", "japanese-maple-like", "After bloom, before leaf. Remove suckers of the stock.", {
    ...LEAFY, group: "deciduous-ornamental", vigour: ["slow", "slow"], spread: "shallow", roots: "fibrous", tolerance: "touchy", rootShare: 0.2,
    potNote: "any", mixNote: "acid", ph: [5, 6.5], lime: "mild-hater", phosphate: "usual", salt: "sensitive", water: "even", kc: [0.5, 0.75],
    winterLight: "outdoors", winterC: [-8, 6], chillPortions: [40, 60], crownC: -25, bloomC: -12, flushFrostC: -2.5, rootKillYoungC: -7, rootKillMatureC: -11,
    rootWork: ["after-bloom", "swell"], bloomDays: [-90, -30], feeding: "usual", wind: "usual", hazards: [], health: [], traits: ["grafted"],
  }, { M: "crownC" }),
  complete("magnolia", "Magnolia, saucer; Magnolia", "Magnolia × soulangeana", "japanese-maple-like", "Fleshy roots: clean cuts at bud swell, never in autumn.", {
    ...LEAFY, group: "deciduous-ornamental", vigour: ["moderate", "moderate"], spread: "shallow", roots: "fleshy", tolerance: "touchy", rootShare: 0.1,
    potNote: "wide", mixNote: "acid", ph: [5, 6.5], lime: "mild-hater", phosphate: "usual", salt: "sensitive", water: "even", kc: [0.6, 0.9],
    winterLight: "dark-to-swell", winterC: [-3, 5], chillPortions: [45, 60], crownC: -25, bloomC: -2, flushFrostC: -2.5, rootKillYoungC: -5, rootKillMatureC: -6,
    rootWork: ["swell", "after-bloom"], bloomDays: [-14, 14], feeding: "usual", wind: "brittle", hazards: [], health: ["scale"],
    traits: ["autumn-averse", "fleshy-rooted"],
  }, { M: "crownC rootKillYoungC rootKillMatureC", references: { rootKillYoungC: "rootKill", rootKillMatureC: "rootKill" } }),
  complete("dogwood", "Flowering dogwood; Dogwood", "Cornus florida", "japanese-maple-like", "Scorches in heat; no work in autumn.", {
    ...LEAFY, group: "deciduous-ornamental", vigour: ["slow", "moderate"], spread: "shallow", roots: "fibrous", tolerance: "touchy", rootShare: 0.2,
    potNote: "wide", mixNote: "acid", ph: [5.2, 6.8], lime: "mild-hater", phosphate: "usual", salt: "sensitive", water: "even", kc: [0.55, 0.8],
    winterLight: "dark", winterC: [-4, 5], chillPortions: [50, 65], crownC: -26, bloomC: -2, flushFrostC: -2.5, rootKillYoungC: -6.5, rootKillMatureC: -11.5,
    rootWork: ["swell"], bloomDays: [-5, 25], feeding: "usual", wind: "usual", hazards: [], health: [], traits: ["autumn-averse"],
  }, { M: "crownC rootKillYoungC rootKillMatureC", references: { rootKillYoungC: "rootKill", rootKillMatureC: "rootKill" } }),
  complete("birch", "Birch", "Betula pendula", "apple-like", "Thirsty, bleeds in spring, resents autumn work.", {
    ...LEAFY, group: "deciduous-ornamental", vigour: ["vigorous", "vigorous"], spread: "shallow", roots: "fibrous", tolerance: "normal", rootShare: 0.3,
    potNote: "any", mixNote: "moist", ph: [4.8, 6.8], lime: "mild-hater", phosphate: "usual", salt: "sensitive", water: "even", kc: [0.8, 1.1],
    winterLight: "outdoors", winterC: [-15, 5], chillPortions: [55, 75], crownC: -40, bloomC: null, flushFrostC: -3, rootKillYoungC: -10, rootKillMatureC: -15,
    rootWork: ["swell"], bloomDays: null, feeding: "usual", wind: "usual", hazards: [], health: [], traits: ["autumn-averse", "bleeder", "mycorrhizal", "warm-when-bare"],
  }, { M: "crownC" }),
  complete("oak", "Oak; English oak", "Quercus robur", "apple-like", "Tap root: move it young, or whole. Keep a share of the old mix.", {
    ...LEAFY, group: "deciduous-ornamental", vigour: ["moderate", "moderate"], spread: "deep", roots: "tap", tolerance: "touchy", rootShare: 0.15,
    potNote: "deep", mixNote: "loam", ph: [5, 7.2], lime: "tolerates", phosphate: "usual", salt: "usual", water: "even", kc: [0.6, 0.9],
    winterLight: "dark", winterC: [-6, 5], chillPortions: [45, 65], crownC: -30, bloomC: null, flushFrostC: -2.5, rootKillYoungC: -7, rootKillMatureC: -13,
    rootWork: ["swell"], bloomDays: null, feeding: "usual", wind: "sturdy", hazards: ["poisonous-to-animals"], health: ["movement-rules"],
    traits: ["autumn-averse", "mycorrhizal", "tap-seedling", "warm-when-bare"],
  }, { M: "crownC hazards" }),
  complete("hornbeam", "Hornbeam", "Carpinus betulus", "apple-like", "Bleeds; never bare-root in autumn.", {
    ...LEAFY, group: "deciduous-ornamental", vigour: ["moderate", "moderate"], spread: "even", roots: "fibrous", tolerance: "robust", rootShare: 0.45,
    potNote: "any", mixNote: "loam", ph: [5.5, 7.5], lime: "tolerates", phosphate: "usual", salt: "sensitive", water: "even", kc: [0.6, 0.9],
    winterLight: "dark", winterC: [-6, 5], chillPortions: [55, 75], crownC: -28, bloomC: null, flushFrostC: -2.5, rootKillYoungC: -9, rootKillMatureC: -13,
    rootWork: ["swell"], bloomDays: null, feeding: "usual", wind: "usual", hazards: [], health: [], traits: ["autumn-averse", "bleeder", "mycorrhizal"],
  }, { M: "crownC" }),
  complete("larch", "Larch", "Larix decidua", "apple-like", "A conifer that drops its needles: earliest to break, worked before green tip.", {
    ...LEAFY, group: "conifer", vigour: ["moderate", "moderate"], spread: "shallow", roots: "fibrous", tolerance: "normal", rootShare: 0.3,
    potNote: "any", mixNote: "airy", ph: [4.8, 6.8], lime: "mild-hater", phosphate: "little", salt: "sensitive", water: "even", kc: [0.6, 0.9],
    winterLight: "outdoors", winterC: [-15, 5], chillPortions: [50, 70], crownC: -40, bloomC: null, flushFrostC: -4, rootKillYoungC: -12, rootKillMatureC: -18,
    rootWork: ["late-dormant"], bloomDays: null, feeding: "lean", wind: "usual", hazards: [], health: ["ramorum-rules"], traits: ["mycorrhizal"],
  }, { M: "crownC" }),
];
