import { SetupForm } from "@/features/setup/setup-form";
import { PageTitle } from "@/features/kernel/page-title";

export default function SetupPage() {
  return (
    <>
      <PageTitle>Where do your trees stand?</PageTitle>
      <SetupForm />
    </>
  );
}
