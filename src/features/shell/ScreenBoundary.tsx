import { Component, type ReactNode } from "react";
import { View } from "react-native";
import { useRouter } from "expo-router";
import { t } from "@/language/t";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";

interface Props {
  /** Another address is another screen: the fault goes with the one before. */
  path: string;
  /** What stands in place of what failed; a page of its own where absent. */
  instead?: (problem: string) => ReactNode;
  children: ReactNode;
}

/** A part that fails takes nothing else with it: the places, the alarms and the logbook stay. */
export class ScreenBoundary extends Component<Props, { problem?: string; path: string }> {
  override state: { problem?: string; path: string } = { path: this.props.path };

  static getDerivedStateFromError(error: unknown) {
    return { problem: error instanceof Error ? error.message : String(error) };
  }

  static getDerivedStateFromProps({ path }: Props, state: { path: string }) {
    return path === state.path ? null : { path, problem: undefined };
  }

  override render() {
    const { problem } = this.state;
    if (problem === undefined) return this.props.children;
    const { instead } = this.props;
    return instead ? (
      instead(problem)
    ) : (
      <Failed problem={problem} onAgain={() => this.setState({ problem: undefined })} />
    );
  }
}

function Failed({ problem, onAgain }: { problem: string; onAgain: () => void }) {
  const router = useRouter();
  return (
    <Screen title={t`This screen failed`} back={{ href: "/", label: t`Today` }}>
      <Notice
        severity="error"
        message={t`Something on this screen could not be shown. Nothing of your logbook is lost.`}
        remedy={t`It says: ${problem.slice(0, 300)}`}
        action={{ label: t`Try again`, onPress: onAgain }}
      />
      <Card className="gap-3">
        <Txt>{t`A still on the heat goes on by its own clock: watch it with your own eyes, and heat off comes first when in doubt. The whole logbook can be saved as a file under Data.`}</Txt>
        <View className="flex-row flex-wrap gap-2">
          <Button label={t`To Data`} size="small" onPress={() => router.push("/bench/data")} />
          <Button label={t`To Today`} look="quiet" size="small" onPress={() => router.push("/")} />
        </View>
      </Card>
    </Screen>
  );
}
