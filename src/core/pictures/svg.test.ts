import { cleanSvg } from './svg';

const cleaned = (body: string, root = 'viewBox="0 0 100 50"') => {
  const result = cleanSvg('logo.svg', `<svg xmlns="http://www.w3.org/2000/svg" ${root}>${body}</svg>`);
  if (!result.ok) throw new Error(result.say);
  return result.value;
};

describe('a drawing that is brought in', () => {
  // Ways to run a script from an SVG file, after the OWASP cheat sheet on cross-site scripting (from memory).
  test.each([
    ['a script', '<script>alert(1)</script><rect width="9" height="9"/>', 'script'],
    ['a script in CDATA', '<script><![CDATA[alert(1)]]></script><rect width="9" height="9"/>', 'script'],
    ['a handler', '<rect width="9" height="9" onload="alert(1)"/>', 'onload'],
    ['a handler in capitals', '<rect width="9" height="9" onClick="alert(1)"/>', 'onClick'],
    [
      'a page inside',
      '<foreignObject><body xmlns="http://www.w3.org/1999/xhtml" onload="alert(1)"/></foreignObject>',
      'foreignObject',
    ],
    ['a link', '<a href="javascript:alert(1)"><rect width="9" height="9"/></a>', 'a'],
    ['a picture from elsewhere', '<image href="https://track.example/x.png" width="9" height="9"/>', 'image'],
    ['a symbol from elsewhere', '<use xlink:href="https://evil.example/x.svg#a"/>', 'href'],
    ['a symbol from data', '<use href="data:image/svg+xml;base64,PHN2Zy8+#x"/>', 'href'],
    ['a paint from elsewhere', '<rect width="9" height="9" fill="url(https://evil.example/#a)"/>', 'fill'],
    ['movement', '<rect width="9" height="9"><animate attributeName="href" values="javascript:alert(1)"/></rect>', 'animate'],
    ['a setter', '<set attributeName="onmouseover" to="alert(1)"/>', 'set'],
  ])('%s is left out and named', (_, body, name) => {
    const { svg, dropped } = cleaned(body);
    expect(svg).not.toMatch(/alert|evil|track\.example|<script|on\w+=|javascript|data:/i);
    expect(dropped).toContain(name);
  });

  test('a style that would fetch or run is left out', () => {
    const { svg } = cleaned(
      '<style>@import url(https://evil.example/a.css); .a{fill:url(https://evil.example/#x)} .b{behavior:url(#x)}</style><path class="a b" style="background:url(//evil.example)" d="M0 0"/>',
    );
    expect(svg).not.toMatch(/evil|import|behavior|background|style/);
  });

  test('colours that are given by class or style stay', () => {
    const { svg, dropped } = cleaned(
      '<defs><style>.st0{fill:#aa2200;stroke:none} .st1,.st2{fill:#0044cc}</style></defs><path class="st0" d="M0 0"/><path class="st2" fill="#fff" d="M1 1"/><path style="fill: #123456; stroke-width:2" d="M2 2"/>',
    );
    expect(svg).toContain('fill="#aa2200"');
    expect(svg).toContain('fill="#0044cc"');
    expect(svg).toContain('fill="#123456"');
    expect(svg).toContain('stroke-width="2"');
    expect(svg).not.toContain('#fff"');
    expect(dropped).toEqual([]);
  });

  test('a paint or a symbol within the file stays', () => {
    const { svg } = cleaned(
      '<defs><linearGradient id="g"><stop offset="0" stop-color="#f00"/></linearGradient><symbol id="s"><path d="M0 0"/></symbol></defs><rect fill="url(#g)" width="9" height="9"/><use href="#s"/>',
    );
    expect(svg).toContain('fill="url(#g)"');
    expect(svg).toContain('href="#s"');
  });

  test('what stands within a link stays', () => {
    expect(cleaned('<a href="https://elsewhere.example"><rect width="9" height="9"/></a>').svg).toContain('<rect width="9"');
  });

  test('its size is read from the view box or from width and height, and a view box is there afterwards', () => {
    expect(cleaned('<path d="M0 0"/>')).toMatchObject({ width: 100, height: 50 });
    const sized = cleaned('<path d="M0 0"/>', 'width="64px" height="32px"');
    expect(sized).toMatchObject({ width: 64, height: 32 });
    expect(sized.svg).toContain('viewBox="0 0 64 32"');
  });

  test.each([
    ['text that is no drawing', 'not a drawing'],
    ['an unclosed tag', '<svg><path></svg>'],
    ['a page', '<html><body/></html>'],
    ['entities that grow without end', '<!DOCTYPE x [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;&a;">]><svg><text>&b;</text></html>'],
  ])('%s is refused in one sentence', (_, text) => {
    const result = cleanSvg('logo.svg', text);
    expect(result.ok).toBe(false);
    if (!result.ok) expect(result.say).toMatch(/“logo\.svg”.*Save it as SVG again, or as PNG\./);
  });
});
