/** Lets so many through in a stretch of time by one name, and then as many as time gives back: the token bucket. */
export class Rate {
  private readonly buckets = new Map<string, { left: number; at: number }>();

  /**
   * @param most how many at once
   * @param within milliseconds until all of them are there again
   */
  constructor(
    private readonly most: number,
    private readonly within: number,
  ) {}

  private now(name: string, at: number): number {
    const bucket = this.buckets.get(name);
    return bucket ? Math.min(this.most, bucket.left + (Math.max(0, at - bucket.at) / this.within) * this.most) : this.most;
  }

  /** Takes one, or says that there is none. */
  take(name: string, at: number): boolean {
    const left = this.now(name, at);
    if (left < 1) return false;
    this.buckets.set(name, { left: left - 1, at });
    // Full ones are as good as none: they are let go now and then, so that made-up names fill no memory.
    if (this.buckets.size > 10_000)
      for (const other of this.buckets.keys()) if (this.now(other, at) >= this.most) this.buckets.delete(other);
    return true;
  }

  /** Whether there is one, without taking it. */
  has(name: string, at: number): boolean {
    return this.now(name, at) >= 1;
  }
}
