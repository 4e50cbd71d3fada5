'use client';

import { type ReactNode } from 'react';
import {
  Button as AriaButton,
  Checkbox,
  FieldError,
  Input,
  Label,
  TextArea,
  TextField,
  ToggleButton,
  type TextFieldProps,
} from 'react-aria-components';
import styled, { css } from 'styled-components';
import { narrow, tokens } from './theme';

export const Button = styled(AriaButton)`
  min-height: 36px;
  padding: 6px 14px;
  background: ${tokens.verdigris};
  color: #fff;
  border: 1px solid ${tokens.verdigris};
  font-weight: 600;
  cursor: pointer;
  text-align: center;
  &[data-hovered] {
    background: #1c554d;
  }
  &[data-disabled] {
    background: transparent;
    color: ${tokens.soft};
    border-color: ${tokens.line};
    cursor: default;
  }
`;

export const QuietButton = styled(Button)`
  background: transparent;
  color: ${tokens.ink};
  border-color: ${tokens.soft};
  font-weight: 500;
  &[data-hovered] {
    background: ${tokens.verdigrisPale};
  }
`;

/** One of several views of a station, side by side. */
export const Tab = styled(ToggleButton)`
  min-height: 36px;
  padding: 6px 14px;
  background: ${tokens.raised};
  border: 1px solid ${tokens.soft};
  cursor: pointer;
  &:not(:last-child) {
    border-right: 0;
  }
  &[data-selected] {
    background: ${tokens.ink};
    border-color: ${tokens.ink};
    color: ${tokens.sheet};
  }
`;

/** A heading for whoever does not see the page. */
export const Unseen = styled.h1`
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
`;

export const TextButton = styled(AriaButton)`
  background: none;
  border: 0;
  padding: 4px 0;
  min-height: 28px;
  color: ${tokens.verdigris};
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
  &[data-disabled] {
    color: ${tokens.soft};
    text-decoration: none;
    cursor: default;
  }
`;

const FieldBox = styled(TextField)`
  display: grid;
  gap: 3px;
  label {
    font-weight: 600;
    font-size: 13.5px;
  }
  input,
  textarea {
    background: ${tokens.raised};
    border: 1px solid ${tokens.soft};
    padding: 7px 10px;
    min-height: 36px;
    width: 100%;
  }
  textarea {
    resize: vertical;
    line-height: 1.55;
  }
`;

const Wrong = styled(FieldError)`
  color: ${tokens.madder};
  font-size: 13.5px;
`;

interface FieldProps extends Omit<TextFieldProps, 'children'> {
  label: string;
  wrong?: string | undefined;
  rows?: number;
  placeholder?: string;
}

/** A labelled field. `wrong` says what to do about what was typed. */
export function Field({ label, wrong, rows, placeholder, ...props }: FieldProps) {
  return (
    <FieldBox {...props} isInvalid={Boolean(wrong)}>
      <Label>{label}</Label>
      {rows ? <TextArea rows={rows} placeholder={placeholder} /> : <Input placeholder={placeholder} />}
      <Wrong>{wrong}</Wrong>
    </FieldBox>
  );
}

const NativeSelect = styled.label`
  display: grid;
  gap: 3px;
  span {
    font-weight: 600;
    font-size: 13.5px;
  }
  select {
    background: ${tokens.raised};
    border: 1px solid ${tokens.soft};
    padding: 6px 8px;
    min-height: 36px;
    width: 100%;
  }
`;

export function Choice<Id extends string>({
  label,
  unseen = false,
  value,
  options,
  onChange,
}: {
  label: string;
  /** Said to whoever does not see the page; those who do see a heading over it. */
  unseen?: boolean;
  value: NoInfer<Id>;
  /** Those that stand together under a name are told apart from the others. */
  options: readonly { id: Id; name: string; under?: string | undefined }[];
  onChange: (id: Id) => void;
}) {
  const listed = (of: typeof options) =>
    of.map((option) => (
      <option key={option.id} value={option.id}>
        {option.name}
      </option>
    ));
  const heads = [...new Set(options.map(({ under }) => under))];
  return (
    <NativeSelect>
      {unseen ? null : <span>{label}</span>}
      <select
        aria-label={unseen ? label : undefined}
        value={value}
        onChange={(event) => {
          const chosen = options.find((option) => option.id === event.target.value);
          if (chosen) onChange(chosen.id);
        }}
      >
        {heads.map((head) => {
          const those = listed(options.filter(({ under }) => under === head));
          return head === undefined ? (
            those
          ) : (
            <optgroup key={head} label={head}>
              {those}
            </optgroup>
          );
        })}
      </select>
    </NativeSelect>
  );
}

export const Check = styled(Checkbox)`
  /* The box that is not seen stands where this is, not at the end of the page. */
  position: relative;
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 28px;
  cursor: pointer;
  &::before {
    content: '';
    flex: none;
    width: 18px;
    height: 18px;
    border: 1px solid ${tokens.soft};
    background: #fff;
  }
  &[data-selected]::before {
    background: ${tokens.verdigris};
    box-shadow: inset 0 0 0 4px #fff;
  }
  &[data-focus-visible] {
    outline: 3px solid ${tokens.verdigris};
  }
`;

/** A sheet laid on the station's own: something to decide, with what it is about. */
export const Panel = styled.section`
  border: 1px solid ${tokens.ink};
  background: ${tokens.raised};
  padding: 14px 16px 12px;
  display: grid;
  gap: 10px;
  h2 {
    font-size: 17px;
  }
`;

/** A sentence that is said without taking the work away. */
export const Notice = styled.p<{ $kind?: 'mend' | 'todo' | 'fine' }>`
  padding: 10px 14px;
  background: ${({ $kind }) => ($kind === 'mend' ? tokens.madderPale : $kind === 'fine' ? tokens.verdigrisPale : '#efe9d6')};
  border-left: 4px solid ${({ $kind }) => ($kind === 'mend' ? tokens.madder : $kind === 'fine' ? tokens.verdigris : tokens.amber)};
`;

export const SheetBody = styled.div`
  /* What is not seen, as the boxes of radio groups, is laid out in the sheet and scrolls with it. */
  position: relative;
  padding: 20px 24px 32px;
  ${narrow} {
    padding: 14px 14px 24px;
  }
  display: grid;
  gap: 18px;
  align-content: start;
`;

/** What is chosen in a list lies over it where there is no room beside it. */
export const overAll = css`
  position: fixed;
  inset: 0;
  z-index: 6;
  overflow: auto;
  background: ${tokens.sheet};
`;

/** A way back that is needed there alone. */
export const BackOnly = styled(TextButton)`
  display: none;
  ${narrow} {
    display: block;
    justify-self: start;
  }
`;

export const Row = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
`;

export const Soft = styled.p`
  color: ${tokens.soft};
`;

export function Head({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <header>
      <h1>{title}</h1>
      {children ? <Soft>{children}</Soft> : null}
    </header>
  );
}
