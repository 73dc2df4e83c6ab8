import type { Metadata, Viewport } from "next";
import type { ReactNode } from "react";
import "@fontsource-variable/commissioner";
import "@fontsource-variable/literata";
import "./globals.css";

export const metadata: Metadata = {
  description: "Pots, roots and moves of container trees.",
};
export const viewport: Viewport = { width: "device-width", initialScale: 1, themeColor: "#fbf8ef" };
// A nonce per request needs every page to be rendered per request.
export const dynamic = "force-dynamic";

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" data-theme="yard">
      <body className="bg-base-100 text-base-content min-h-dvh antialiased">{children}</body>
    </html>
  );
}
