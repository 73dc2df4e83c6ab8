import * as say from "@/words/pages/app";
import type { Metadata, Viewport } from "next";
import { headers } from "next/headers";
import type { ReactNode } from "react";
import { THEME_SCRIPT } from "@/features/settings/theme";
import { english } from "@/words/english";
import "@fontsource-variable/commissioner";
import "@fontsource-variable/literata";
import "./globals.css";

export const metadata: Metadata = {
  description: say.potsRootsAndMovesOf,
};
export const viewport: Viewport = {
  width: "device-width",
  initialScale: 1,
  themeColor: [
    { media: "(prefers-color-scheme: light)", color: "#fbf8ef" },
    { media: "(prefers-color-scheme: dark)", color: "#1d1f1a" },
  ],
};
// A nonce per request needs every page to be rendered per request.
export const dynamic = "force-dynamic";

export default async function RootLayout({ children }: { children: ReactNode }) {
  const nonce = (await headers()).get("x-nonce") ?? undefined;
  return (
    // The script below may say the theme before anything is drawn.
    <html lang={english()} suppressHydrationWarning>
      <head>
        <script nonce={nonce} dangerouslySetInnerHTML={{ __html: THEME_SCRIPT }} />
      </head>
      <body className="bg-base-100 text-base-content min-h-dvh antialiased">{children}</body>
    </html>
  );
}
