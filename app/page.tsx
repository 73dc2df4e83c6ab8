import { Home } from "@/features/setup/home";

export default function HomePage() {
  return <Home />;
}
