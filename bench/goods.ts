/** A list of goods of any length, the same every time. Invented, for measuring only. */
export function listOf(products: number, variants = 1): string {
  const rows = ['title,price,category,description,stock,weight,size'];
  const things = ['Bowl', 'Jug', 'Lamp', 'Stool', 'Rug', 'Vase', 'Tray', 'Bell', 'Box', 'Hook'];
  for (let i = 0; i < products; i++) {
    for (let v = 0; v < variants; v++) {
      rows.push(
        `${things[i % 10]} ${i + 1},${5 + (i % 90)}.${String(i % 100).padStart(2, '0')},${things[i % 10]}s | Shelf ${i % 12},"Made of ash, number ${i + 1}, turned and oiled.",${i % 9},${100 + (i % 50) * 10},${variants > 1 ? `Size ${v + 1}` : ''}`,
      );
    }
  }
  return rows.join('\n');
}

export const brief =
  'Ash & Oil is a turnery near Galway. We turn bowls, lamps and stools by hand from ash that the wind brought down. Every piece is oiled three times. If it cracks in ten years we mend it. The site should be calm, dark green, no pink. Prices in euros. post@ash.example';
