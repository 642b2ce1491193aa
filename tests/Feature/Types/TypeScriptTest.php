<?php

declare(strict_types=1);

namespace Tests\Feature\Types;

use App\Planning\DraftForm;
use App\Types\Constants;
use App\Types\FormTypes;
use App\Types\TypeScript;
use Kaddle\Core\Room\Finish;
use Kaddle\Core\Situation\Scene;
use Tests\TestCase;

final class TypeScriptTest extends TestCase
{
    public function testWritesReadonlyInterfacesWithUnitsAndUnions(): void
    {
        $text = $this->types();
        self::assertStringContainsString("export interface SubjectDraft {\n  /** Subject distance, m. */\n  readonly distance: number;\n", $text);
        self::assertStringContainsString("export type HeadAim = 'up' | 'up-forward'", $text);
        self::assertStringContainsString('  readonly head: HeadAim | null;', $text);
        self::assertStringContainsString('  readonly ticks: readonly TickDocument[];', $text);
        self::assertStringContainsString('  readonly isos: readonly string[];', $text);
    }

    public function testLeavesOutWhatIsNoData(): void
    {
        self::assertStringNotContainsString('interface BeamDrawing', $this->types());
        self::assertStringNotContainsString('interface Rounded', $this->types());
    }

    public function testEveryNameThatIsUsedIsDefined(): void
    {
        $text = $this->types();
        preg_match_all('/readonly \w+: (?:readonly )?([A-Z]\w+)/', $text, $used);
        preg_match_all('/export (?:interface|type) (\w+)/', $text, $defined);
        self::assertSame([], array_values(array_diff(array_unique($used[1]), $defined[1])));
    }

    public function testRangesAndWordsComeFromTheCore(): void
    {
        $text = Constants::asTypeScript();
        self::assertStringContainsString(sprintf('"unit": "%s"', Scene::distanceRange()->unit), $text);
        self::assertStringContainsString('"subject.distance"', $text);
        foreach (Finish::cases() as $finish) {
            self::assertStringContainsString("\"label\": \"{$finish->inWords()}\"", $text);
        }
    }

    private function types(): string
    {
        return TypeScript::ofFolders([
            'App\Data' => app_path('Data'),
            'Kaddle\Core\Document' => base_path('core/src/Document'),
        ], FormTypes::of(DraftForm::shape()));
    }
}
