import { SetupForm } from "@/features/setup/setup-form";

export const metadata = { title: "Where do your trees stand?" };

export default function SetupPage() {
  return <SetupForm />;
}
