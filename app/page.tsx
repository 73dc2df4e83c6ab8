import { Home } from "@/features/setup/home";
import { PageTitle } from "@/features/shell/page-title";

export default function HomePage() {
  return (
    <>
      <PageTitle />
      <Home />
    </>
  );
}
