import { baseKeymap, chainCommands, toggleMark } from 'prosemirror-commands';
import { history, redo, undo } from 'prosemirror-history';
import { inputRules, wrappingInputRule } from 'prosemirror-inputrules';
import { keymap } from 'prosemirror-keymap';
import { DOMParser, DOMSerializer, Fragment, Schema, Slice, type MarkType, type Node } from 'prosemirror-model';
import { liftListItem, splitListItem, wrapInList } from 'prosemirror-schema-list';
import { EditorState, Plugin, Selection, type Command } from 'prosemirror-state';
import { Decoration, DecorationSet, EditorView } from 'prosemirror-view';
import { readLead } from '@/core/lead';
import { runsOf, readProse, writeProse, writeRuns, type Run, type SetBlock } from '@/core/prose';
import { wordCount } from '@/core/sections/about';
import { type OpenSetting, type SetAct, type Setting, type SettingState } from './set';

/** The script that sets texts where they stand: the element of the page is the sheet that is written on, in the look's own setting. */

const marks = {
  link: {
    attrs: { lead: {} },
    inclusive: false,
    parseDOM: [
      { tag: 'a[data-lead]', getAttrs: (a: HTMLElement) => ({ lead: a.dataset.lead ?? '' }) },
      // What is pasted keeps its links where they lead out of the shop.
      {
        tag: 'a[href]',
        getAttrs: (a: HTMLElement) => {
          const lead = readLead(a.getAttribute('href') ?? '');
          return lead?.kind === 'outside' ? { lead: lead.address } : false;
        },
      },
    ],
    toDOM: ({ attrs }: { attrs: Record<string, unknown> }) => ['a', { 'data-lead': String(attrs.lead) }, 0] as const,
  },
  em: { parseDOM: [{ tag: 'em' }, { tag: 'i' }], toDOM: () => ['em', 0] as const },
  strong: { parseDOM: [{ tag: 'strong' }, { tag: 'b' }], toDOM: () => ['strong', 0] as const },
};

const blocks = {
  paragraph: { content: 'text*', group: 'block', parseDOM: [{ tag: 'p' }], toDOM: () => ['p', 0] as const },
  list: { content: 'item+', group: 'block', parseDOM: [{ tag: 'ul' }], toDOM: () => ['ul', { class: 'points' }, 0] as const },
  steps: { content: 'item+', group: 'block', parseDOM: [{ tag: 'ol' }], toDOM: () => ['ol', { class: 'points' }, 0] as const },
  item: { content: 'paragraph', parseDOM: [{ tag: 'li' }], toDOM: () => ['li', 0] as const },
};

const schemas = {
  line: new Schema({ nodes: { doc: { content: 'text*', marks: '' }, text: {} } }),
  marked: new Schema({ nodes: { doc: { content: 'text*' }, text: {} }, marks }),
  prose: new Schema({ nodes: { doc: { content: 'block+' }, ...blocks, text: {} }, marks }),
} as const;
type Sets = keyof typeof schemas;

const runsIn = (node: Node): Run[] =>
  node.children.map(({ text = '', marks: on }) => {
    const has = (name: string) => on.find(({ type }) => type.name === name);
    const lead: unknown = has('link')?.attrs.lead;
    return {
      text,
      ...(has('em') ? { em: true as const } : {}),
      ...(has('strong') ? { strong: true as const } : {}),
      ...(typeof lead === 'string' ? { lead } : {}),
    };
  });

const blockOf = (node: Node): SetBlock =>
  node.type.name === 'list' || node.type.name === 'steps'
    ? { kind: node.type.name, items: node.children.map((item) => runsIn(item.child(0))) }
    : { kind: 'paragraph', runs: runsIn(node) };

const writers: Record<Sets, (doc: Node) => string> = {
  line: (doc) => doc.textContent.replace(/\s+/g, ' ').trim(),
  marked: (doc) => writeRuns(runsIn(doc)).trim(),
  prose: (doc) => writeProse(doc.children.map(blockOf)),
};

/** A text in its notation as a document. */
function docOf(sets: Sets, text: string): Node {
  const schema = schemas[sets];
  const inline = (line: string) =>
    runsOf(line.replace(/\s+/g, ' ')).map((run) =>
      schema.text(run.text, [
        ...(run.lead === undefined || !schema.marks.link ? [] : [schema.marks.link.create({ lead: run.lead })]),
        ...(run.em && schema.marks.em ? [schema.marks.em.create()] : []),
        ...(run.strong && schema.marks.strong ? [schema.marks.strong.create()] : []),
      ]),
    );
  if (sets === 'line') return schema.node('doc', null, text ? [schema.text(text.replace(/\s+/g, ' '))] : []);
  if (sets === 'marked') return schema.node('doc', null, inline(text));
  const made = readProse(text).map((block) =>
    block.kind === 'paragraph'
      ? schema.node('paragraph', null, inline(block.text))
      : schema.node(
          block.kind,
          null,
          block.items.map((item) => schema.node('item', null, [schema.node('paragraph', null, inline(item))])),
        ),
  );
  return schema.node('doc', null, made.length ? made : [schema.node('paragraph')]);
}

const holds = ({ doc, selection, storedMarks }: EditorState, type: MarkType | undefined): boolean =>
  type !== undefined &&
  (selection.empty
    ? Boolean(type.isInSet(storedMarks ?? selection.$from.marks()))
    : doc.rangeHasMark(selection.from, selection.to, type));

/** The lead of the link that the selection stands in. */
function leadAt({ doc, selection }: EditorState, link: MarkType | undefined): string | null {
  if (!link) return null;
  let lead: string | null = null;
  doc.nodesBetween(selection.from, Math.max(selection.to, Math.min(selection.from + 1, doc.content.size)), ({ marks: on }) => {
    const found: unknown = link.isInSet(on)?.attrs.lead;
    if (typeof found === 'string') lead = found;
  });
  return lead;
}

/** What is selected; where nothing is, the words that lead somewhere and hold the caret. */
function stretchOf({ selection }: EditorState, link: MarkType): { from: number; to: number } {
  const { from, to, $from, empty } = selection;
  if (!empty) return { from, to };
  let held = { from, to };
  let at = $from.start();
  $from.parent.forEach((child) => {
    const end = at + child.nodeSize;
    if (link.isInSet(child.marks) && at <= from && from <= end) held = { from: at, to: end };
    at = end;
  });
  return held;
}

const kindAround = ({ selection: { $from } }: EditorState): 'list' | 'steps' | null => {
  for (let depth = $from.depth; depth > 0; depth--) {
    const { name } = $from.node(depth).type;
    if (name === 'list' || name === 'steps') return name;
  }
  return null;
};

/** Makes the paragraph a point of a list, or takes it out of the one that it is in. */
function listed(schema: Schema, kind: 'list' | 'steps'): Command {
  return (state, dispatch) => {
    const { item } = schema.nodes;
    const list = schema.nodes[kind];
    if (!item || !list) return false;
    return kindAround(state) === kind ? liftListItem(item)(state, dispatch) : wrapInList(list)(state, dispatch);
  };
}

const open: OpenSetting = (element, { place, sets, label, most, prompt, at, tell }): Setting => {
  const schema = schemas[sets];
  const before = [...element.childNodes];
  const { className } = element;
  const parse = () => DOMParser.fromSchema(schema).parse(element);
  const start = prompt === null ? parse() : docOf(sets, '');
  const written = writers[sets];

  const stateOf = (state: EditorState): SettingState => {
    const text = written(state.doc);
    return {
      place,
      sets,
      text,
      words: wordCount(state.doc.textBetween(0, state.doc.content.size, ' ')),
      over: Math.max(0, text.length - most),
      em: holds(state, schema.marks.em),
      strong: holds(state, schema.marks.strong),
      list: kindAround(state),
      lead: leadAt(state, schema.marks.link),
      selected: !state.selection.empty,
    };
  };

  const leave: Command = () => {
    tell({ kind: 'close' });
    return true;
  };
  const away: Command = () => {
    tell({ kind: 'leave' });
    return true;
  };
  const { item, list, steps } = schema.nodes as Partial<Record<string, Schema['nodes'][string]>>;
  const mark = (name: string): Command => {
    const type = schema.marks[name];
    return type ? toggleMark(type) : () => true;
  };
  const view = new EditorView(
    { mount: element },
    {
      state: EditorState.create({
        doc: start,
        plugins: [
          history(),
          ...(list && steps
            ? [inputRules({ rules: [wrappingInputRule(/^\s*[-–•]\s$/, list), wrappingInputRule(/^\s*1[.)]\s$/, steps)] })]
            : []),
          keymap({
            'Mod-z': chainCommands(undo, () => {
              tell({ kind: 'undo' });
              return true;
            }),
            'Mod-y': redo,
            'Shift-Mod-z': redo,
            'Mod-b': mark('strong'),
            'Mod-i': mark('em'),
            'Mod-k': (state) => {
              tell({ kind: 'linking', state: stateOf(state) });
              return true;
            },
            'Mod-Enter': leave,
            Escape: leave,
            F6: away,
            Tab: away,
            'Shift-Tab': away,
            ...(item
              ? { Enter: chainCommands(splitListItem(item), liftListItem(item), baseKeymap.Enter ?? leave) }
              : { Enter: leave, 'Shift-Enter': leave }),
          }),
          keymap(baseKeymap),
          new Plugin({
            props: {
              decorations: ({ doc }) =>
                doc.textContent
                  ? null
                  : DecorationSet.create(doc, [
                      Decoration.widget(sets === 'prose' ? 1 : 0, () => {
                        const hint = document.createElement('span');
                        hint.className = 'set-hint';
                        hint.textContent = prompt ?? 'Nothing: it is left out';
                        return hint;
                      }),
                    ]),
            },
          }),
        ],
      }),
      attributes: { role: 'textbox', 'aria-label': label, 'aria-multiline': String(sets === 'prose'), class: 'set' },
      // A line is one line, whatever it is pasted from.
      clipboardTextParser: (text, $context, plain, editor) => {
        if (sets !== 'prose') {
          const line = text.replace(/\s+/g, ' ');
          return line ? new Slice(Fragment.from(editor.state.schema.text(line)), 0, 0) : Slice.empty;
        }
        const doc = docOf('prose', text);
        return Slice.maxOpen(doc.content);
      },
      dispatchTransaction(transaction) {
        const state = view.state.apply(transaction);
        view.updateState(state);
        tell({ kind: 'setting', state: stateOf(state) });
      },
    },
  );
  if (prompt !== null) element.classList.remove('ask');
  view.focus();
  if (at) {
    const found = view.posAtCoords(at);
    if (found) {
      const { doc, tr } = view.state;
      view.dispatch(tr.setSelection(Selection.near(doc.resolve(Math.min(found.pos, doc.content.size)))));
    }
  }
  tell({ kind: 'setting', state: stateOf(view.state) });

  const acts: { [K in SetAct['do']]: (act: Extract<SetAct, { do: K }>) => void } = {
    em: () => void mark('em')(view.state, view.dispatch),
    strong: () => void mark('strong')(view.state, view.dispatch),
    list: () => void listed(schema, 'list')(view.state, view.dispatch),
    steps: () => void listed(schema, 'steps')(view.state, view.dispatch),
    link: ({ lead }) => {
      const { link } = schema.marks as Partial<Record<string, MarkType>>;
      if (!link) return;
      const { from, to } = stretchOf(view.state, link);
      const { tr } = view.state;
      tr.removeMark(from, to, link);
      if (lead !== null) tr.addMark(from, to, link.create({ lead }));
      view.dispatch(tr);
    },
    text: ({ text }) => {
      const next = docOf(sets, text);
      view.dispatch(view.state.tr.replaceWith(0, view.state.doc.content.size, next.content));
    },
  };

  return {
    element,
    place,
    run(act) {
      acts[act.do](act as never);
      if (act.do !== 'text') view.focus();
    },
    focus: () => view.focus(),
    end() {
      const { doc } = view.state;
      const text = written(doc);
      if (text.length > most && !doc.eq(start)) return { kind: 'over' };
      const unchanged = doc.eq(start) || text === written(start);
      const after = unchanged ? before : [...DOMSerializer.fromSchema(schema).serializeFragment(doc.content).childNodes];
      view.destroy();
      for (const name of ['contenteditable', 'role', 'aria-label', 'aria-multiline', 'translate']) element.removeAttribute(name);
      element.className = className;
      element.replaceChildren(...after);
      return unchanged ? { kind: 'as-it-was' } : { kind: 'wrote', place, text };
    },
  };
};

globalThis.arcatumSetting = open;
