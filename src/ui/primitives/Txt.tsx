import { Text, type TextProps } from "react-native";

const variants = {
  title: "font-title text-[30px] leading-[38px] text-ink",
  heading: "font-title text-[20px] leading-[26px] text-ink",
  strong: "font-bold text-[16px] leading-[22px] text-ink",
  body: "font-body text-[16px] leading-[23px] text-ink",
  label: "font-medium text-[14px] leading-[20px] text-soft",
  small: "font-body text-[14px] leading-[20px] text-soft",
  number: "font-bold text-[26px] leading-[32px] text-ink",
  clock: "font-bold text-[58px] leading-[60px] text-ink",
};

interface Props extends TextProps {
  variant?: keyof typeof variants;
  className?: string;
}

/** Text in one of the house's sizes. Titles and headings are headings to a screen reader too. */
export function Txt({ variant = "body", className = "", ...rest }: Props) {
  const level = variant === "title" ? 1 : variant === "heading" ? 2 : undefined;
  return (
    <Text
      {...(level ? { role: "heading" as const, "aria-level": level } : {})}
      className={`${variants[variant]} ${className}`}
      {...rest}
    />
  );
}
