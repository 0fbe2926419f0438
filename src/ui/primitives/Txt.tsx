import { Text, type TextProps } from "react-native";

const variants = {
  title: { look: "font-title text-[30px] leading-[38px]", ink: "text-ink" },
  heading: { look: "font-title text-[20px] leading-[26px]", ink: "text-ink" },
  strong: { look: "font-bold text-[16px] leading-[22px]", ink: "text-ink" },
  body: { look: "font-body text-[16px] leading-[23px]", ink: "text-ink" },
  label: { look: "font-medium text-[14px] leading-[20px]", ink: "text-soft" },
  small: { look: "font-body text-[14px] leading-[20px]", ink: "text-soft" },
  number: { look: "font-bold text-[26px] leading-[32px]", ink: "text-ink" },
  clock: { look: "font-bold text-[58px] leading-[60px]", ink: "text-ink" },
};

/* Of two inks in one place the style sheet's order decides, not the caller: only one may stand. */
const ownInk = /(^|\s)text-(?!\[|center|left|right)/;

/* The name of a screen takes the focus when one comes to it, but not with the tab key. */
const focusable = { tabIndex: -1 as const };

interface Props extends TextProps {
  variant?: keyof typeof variants;
  className?: string;
}

/** Text in one of the house's sizes. Titles and headings are headings to a screen reader too. */
export function Txt({ variant = "body", className = "", ...rest }: Props) {
  const level = variant === "title" ? 1 : variant === "heading" ? 2 : undefined;
  const { look, ink } = variants[variant];
  return (
    <Text
      {...(level
        ? { role: "heading" as const, "aria-level": level, ...(level === 1 ? focusable : {}) }
        : {})}
      className={`${look} ${ownInk.test(className) ? "" : ink} ${className}`}
      {...rest}
    />
  );
}
