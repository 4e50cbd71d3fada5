export function serve(folder: string): Promise<{ base: string; stop: () => void }>;
export function buildShop(shop: {
  brief: string;
  goods: string;
  decisions?: Record<string, unknown>;
  pictures?: string;
  seed?: number;
}): string;
