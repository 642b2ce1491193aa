<?php

declare(strict_types=1);

namespace Kaddle\Core\Tests\Form;

use Kaddle\Core\Flash\HeadAim;
use Kaddle\Core\Flash\ModifierKind;
use Kaddle\Core\Form\MomentReader;
use Kaddle\Core\Intake\FaultyDocument;
use Kaddle\Core\Tests\Moments;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MomentReaderTest extends TestCase
{
    public function testReadsAMeteredTripleAsGlow(): void
    {
        $moment = Moments::with(['glow' => ['metered' => ['shutter' => '1/60', 'aperture' => 'f/2.8', 'iso' => 1600]]]);
        self::assertEqualsWithDelta(6.0 + 3.0 - 4.0, $moment->glow->ev, 1e-12);
    }

    public function testReadsAHeadThatZooms(): void
    {
        $moment = Moments::with(['flash' => [
            'zoom' => [['focalLength' => 24, 'guideNumber' => 28, 'coverage' => 76], ['focalLength' => 105, 'guideNumber' => 58, 'coverage' => 28]],
            'bounceZoom' => 24,
            'lowestUnderFull' => 7,
            'step' => 'third',
        ]]);
        self::assertSame(28.0, $moment->zoomFor(HeadAim::Up)->guideNumber);
        self::assertGreaterThan(28.0, $moment->zoomFor(HeadAim::Direct)->guideNumber);
    }

    public function testReadsWhatIsOnTheHead(): void
    {
        $outfit = Moments::with(['flash.units' => 2, 'flash.modifier' => ['kind' => 'dome', 'dimming' => 2.5], 'flash.gel' => ['kind' => 'half-orange']])->flash->outfit;
        self::assertSame(2, $outfit->units);
        self::assertSame(ModifierKind::Dome, $outfit->modifier?->kind);
        self::assertSame(81.0, $outfit->gel?->shift->mired);
        self::assertSame(30.0, Moments::with(['flash.gel' => ['shift' => 30, 'loss' => 0.2]])->flash->outfit->gel?->shift->mired);
    }

    #[DataProvider('badFields')]
    public function testRefusesByFieldInASentence(string $path, mixed $value, string $field, string $sentence): void
    {
        try {
            Moments::with([$path => $value]);
            self::fail('taken');
        } catch (FaultyDocument $e) {
            $messages = [];
            foreach ($e->faults as $fault) {
                $messages[$fault->field] = $fault->message;
            }
            self::assertArrayHasKey($field, $messages, json_encode($messages, JSON_THROW_ON_ERROR));
            self::assertStringContainsString($sentence, $messages[$field]);
        }
    }

    /** @return iterable<string, array{string, mixed, string, string}> */
    public static function badFields(): iterable
    {
        yield 'negative distance' => ['subject.distance', -3, 'subject.distance', 'must be 0.4 to 100 m; it is −3.'];
        yield 'subject outside the room' => ['subject.distance', 14, 'subject.distance', 'between camera and far wall there are 12.95 m'];
        yield 'camera in the last corner' => ['camera.fromBackWall', 17.9, 'subject.distance', 'move the camera back'];
        yield 'camera outside' => ['camera.fromBackWall', 30, 'camera.fromBackWall', 'at most 17.95 m'];
        yield 'no ceiling' => ['room.height', 0, 'room.height', 'must be 2 to 40 m; it is 0.'];
        yield 'ceiling under the head' => ['camera.height', 3.0, 'room.height', 'at least 3.25 m'];
        yield 'face over the ceiling' => ['subject.height', 5, 'subject.height', 'at most 3.05 m'];
        yield 'endless ISO' => ['body.usableIso', 1e9, 'body.usableIso', 'is not a customary ISO'];
        yield 'number as text' => ['subject.distance', 'NaN', 'subject.distance', 'must be a number, 0.4 to 100 m'];
        yield 'nothing' => ['subject.distance', null, 'subject.distance', 'must be a number'];
        yield 'a list' => ['room.height', [3.1], 'room.height', 'must be a number'];
        yield 'true' => ['room.height', true, 'room.height', 'must be a number'];
        yield 'unknown finish' => ['room.finishes.ceiling', 'unobtainium', 'room.finishes.ceiling', 'must be one of: white-plaster, limewash'];
        yield 'finish as number' => ['room.finishes.ceiling', 3, 'room.finishes.ceiling', 'must be one of'];
        yield 'room as text' => ['room', 'big', 'room', 'must be an object'];
        yield 'room as list' => ['room', [1, 2, 3], 'room', 'must be an object'];
        yield 'glow out of this world' => ['glow.ev', 40, 'glow.ev', 'must be −6 to 18 EV; it is 40.'];
        yield 'metered with a strange shutter' => ['glow', ['metered' => ['shutter' => '1/61', 'aperture' => 'f/2.8', 'iso' => 1600]], 'glow.metered.shutter', 'not a customary shutter time'];
        yield 'metered beyond any glow' => ['glow', ['metered' => ['shutter' => '30 s', 'aperture' => 'f/1', 'iso' => 102400]], 'glow.metered', 'must be −6 to 18 EV'];
        yield 'a light to keep without a level' => ['look.keep', ['what' => 'candles'], 'look.keep.ev', 'must be a number'];
        yield 'one with two levels' => ['look.keep', ['what' => 'candles', 'ev' => 8, 'metered' => ['shutter' => '1/60', 'aperture' => 'f/2.8', 'iso' => 1600]], 'look.keep.ev', 'not both'];
        yield 'one metered with a strange shutter' => ['look.keep', ['what' => 'candles', 'metered' => ['shutter' => '1/61', 'aperture' => 'f/2.8', 'iso' => 1600]], 'look.keep.metered.shutter', 'not a customary shutter time'];
        yield 'one brighter than any' => ['look.keep', ['what' => 'candles', 'metered' => ['shutter' => '1/8000', 'aperture' => 'f/32', 'iso' => 50]], 'look.keep.metered', 'The level of the thing to keep must be −6 to 18 EV'];
        yield 'glow given twice' => ['glow', ['ev' => 4, 'metered' => ['shutter' => '1/60', 'aperture' => 'f/2.8', 'iso' => 1600]], 'glow.ev', 'not both'];
        yield 'room far too dark a wish' => ['look.roomUnder', 12, 'look.roomUnder', 'must be −1 to 6 stops under metered'];
        yield 'misspelt field' => ['subject.distanse', 3, 'subject.distanse', 'is not a field here; known are distance, height'];
        yield 'direction nobody knows' => ['head', 'sideways', 'head', 'must be one of: up,'];
        yield 'zero guide number' => ['flash.guideNumber', 0, 'flash.guideNumber', 'must be 2 to 120 m; it is 0.'];
        yield 'a zoom that is no list' => ['flash', ['zoom' => 24, 'bounceZoom' => 35, 'lowestUnderFull' => 7, 'step' => 'third'], 'flash.zoom', 'must be a list of 1 to 20'];
        yield 'a zoom setting that lights less than a spot' => ['flash', ['zoom' => [['focalLength' => 24, 'guideNumber' => 28, 'coverage' => 2]], 'bounceZoom' => 35, 'lowestUnderFull' => 7, 'step' => 'third'], 'flash.zoom.0.coverage', 'must be 6 to 170 °'];
        yield 'a zoom without its bounce setting' => ['flash', ['zoom' => [['focalLength' => 24, 'guideNumber' => 28, 'coverage' => 76]], 'lowestUnderFull' => 7, 'step' => 'third'], 'flash.bounceZoom', 'must be a number, 8 to 300 mm'];
        yield 'flat beam' => ['flash.coverage', 180, 'flash.coverage', 'must be 6 to 170 °'];
        yield 'a ridge under the eaves' => ['room.roof', ['ridge' => 3, 'runs' => 'along'], 'room.roof.ridge', 'higher than the eaves: 3.2 to 40 m'];
        yield 'a ridge that runs nowhere' => ['room.roof', ['ridge' => 6], 'room.roof.runs', 'must be one of: along, across'];
        yield 'a modifier nobody knows' => ['flash.modifier', ['kind' => 'bucket'], 'flash.modifier.kind', 'must be one of: card, dome'];
        yield 'a dome that makes light' => ['flash.modifier', ['kind' => 'dome', 'dimming' => 0.1], 'flash.modifier.dimming', 'a meter cannot have shown less'];
        yield 'dimming out of range' => ['flash.modifier', ['kind' => 'grid', 'dimming' => 12], 'flash.modifier.dimming', 'must be 0 to 8 stops'];
        yield 'half a unit' => ['flash.units', 0.5, 'flash.units', 'must be 1 to 4 units'];
        yield 'a gel on more units than there are' => ['flash.gelled', 2, 'flash.gelled', 'No more units can carry the gel than there are.'];
        yield 'a gel for units that are not there' => ['flash.otherGel', ['kind' => 'full-orange'], 'flash.otherGel', 'All units carry the gel already'];
        yield 'a gel of another colour' => ['flash.gel', ['kind' => 'plaid'], 'flash.gel.kind', 'must be one of: full-orange'];
        yield 'a gel beyond any sheet' => ['flash.gel', ['shift' => 999, 'loss' => 0.5], 'flash.gel.shift', 'must be −110 to 250 mired'];
        yield 'lens inside out' => ['lens.widest', 'f/22', 'lens', 'must be wider than the narrowest'];
        yield 'ISO upside down' => ['body.baseIso', '12800', 'body', 'lies below the lowest ISO'];
        yield 'future version' => ['version', 3, 'version', 'The version must be 2, or 1'];
    }

    public function testUnderADomeTheHeadHasNoCard(): void
    {
        $this->expectException(FaultyDocument::class);
        $this->expectExceptionMessage('Under a dome the head has no card to pull out.');
        Moments::with(['head' => 'card', 'flash.modifier' => ['kind' => 'dome']]);
    }

    #[DataProvider('badTexts')]
    public function testRefusesWhatIsNoMomentAtAll(string $json, string $sentence): void
    {
        $this->expectException(FaultyDocument::class);
        $this->expectExceptionMessage($sentence);
        MomentReader::fromJson($json);
    }

    /** @return iterable<string, array{string, string}> */
    public static function badTexts(): iterable
    {
        yield 'nothing' => ['', 'This is not JSON that can be read'];
        yield 'half a document' => ['{"room": {', 'This is not JSON that can be read'];
        yield 'NaN' => ['{"version": NaN}', 'This is not JSON that can be read'];
        yield 'a list' => ['[1, 2]', 'A moment must be a JSON object.'];
        yield 'a number' => ['7', 'A moment must be a JSON object.'];
        yield 'very deep' => [str_repeat('{"room":', 100) . '1' . str_repeat('}', 100), 'The document goes deeper than 16 levels'];
        yield 'a megabyte' => ['{"version": 1, "x": "' . str_repeat('a', 1_000_000) . '"}', 'The document is too long: 1000023 bytes, at most 65536.'];
    }

    public function testTellsAllFaultsAtOnce(): void
    {
        try {
            Moments::with(['subject.distance' => -1, 'room.height' => 0, 'glow.ev' => 99]);
            self::fail('taken');
        } catch (FaultyDocument $e) {
            self::assertCount(3, $e->faults);
        }
    }
}
