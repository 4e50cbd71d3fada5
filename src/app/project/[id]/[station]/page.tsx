/** What a station shows is the studio's; the page only gives it an address. */
export default function StationPage() {
  return null;
}
