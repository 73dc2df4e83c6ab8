import { Home } from "@/features/setup/home";
import { PageTitle } from "@/features/kernel/page-title";

export default function HomePage() {
  return (
    <>
      <PageTitle />
      <Home />
    </>
  );
}
