import { Text, type TextProps } from "react-native-svg";

/** Words on a chart: what lies under them is kept off them by their own ground. */
export function GroundedText({ strokeWidth = 4, ...props }: TextProps) {
  return (
    <Text
      fontSize={12}
      stroke="var(--panel)"
      strokeWidth={strokeWidth}
      strokeLinejoin="round"
      {...groundFirst}
      {...props}
    />
  );
}

/* The drawing package's types know no such style; the browser does. */
const groundFirst: object = { style: { paintOrder: "stroke" } };
