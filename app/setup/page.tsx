import * as say from "@/words/pages/app";
import { SetupForm } from "@/features/setup/setup-form";
import { PageTitle } from "@/features/kernel/page-title";

export default function SetupPage() {
  return (
    <>
      <PageTitle>{say.whereDoYourTreesStand}</PageTitle>
      <SetupForm />
    </>
  );
}
