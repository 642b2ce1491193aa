<?php

declare(strict_types=1);

namespace Tests\Feature\Exchange;

use App\Exchange\Importing;
use App\Jobs\TakeDocument;
use App\Models\Import;
use App\Models\ImportState;
use Illuminate\Support\Facades\Queue;
use Tests\TestCase;

/** A long document is taken in by the queue, with progress, and its answer is told later. */
final class LongImportTest extends TestCase
{
    public function testALongDocumentWaitsForTheQueueAndIsTakenThere(): void
    {
        Queue::fake();
        $this->actingAs($user = $this->person());
        $this->bring(self::bag(500))->assertAccepted()->assertJson(['done' => 0, 'total' => 0]);
        $path = '/imports/' . Import::query()->firstOrFail()->id;
        $this->getJson($path)->assertAccepted();
        Queue::assertPushed(TakeDocument::class, 1);
        self::assertSame(0, $user->pieces()->count());
        Importing::finish($import = Import::query()->firstOrFail());
        self::assertSame(500, $user->pieces()->count(), json_encode($import->outcome, JSON_THROW_ON_ERROR));
        $this->getJson($path)->assertOk()->assertJsonPath('format', 'kaddle-bag')->assertJsonCount(500, 'changes');
        self::assertNull($import->fresh()?->document, 'what was brought is not kept');
        $this->actingAs($this->person('Odile'))->getJson($path)->assertNotFound();
    }

    public function testWhatIsWrongIsToldLaterByFieldAndNothingIsStored(): void
    {
        $this->actingAs($user = $this->person());
        Queue::fake();
        $this->bring(self::bag(501))->assertAccepted();
        Importing::finish($import = Import::query()->firstOrFail());
        self::assertSame([0, ImportState::Refused], [$user->pieces()->count(), $import->state]);
        $this->getJson("/imports/{$import->id}")->assertUnprocessable()->assertJsonValidationErrors(['pieces' => 'must be a list of 1 to 500']);
    }

    public function testAFaultOfOursIsToldToWhoeverWaits(): void
    {
        Queue::fake();
        $this->actingAs($this->person());
        $this->bring(self::bag(500));
        $import = Import::query()->firstOrFail();
        (new TakeDocument($import->id))->failed();
        $this->getJson("/imports/{$import->id}")->assertUnprocessable()->assertJsonValidationErrors(['page' => 'The fault is ours']);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function bring(string $document): \Illuminate\Testing\TestResponse
    {
        return $this->call('POST', '/import', server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], content: $document);
    }

    private static function bag(int $pieces): string
    {
        return json_encode(['format' => 'kaddle-bag', 'version' => 1, 'pieces' => array_map(static fn(int $i): array => [
            'uid' => sprintf('7c000000-0000-4000-8000-%012d', $i), 'piece' => 'lens', 'name' => str_pad("Lens $i ", 80, 'x'),
            'openings' => array_map(static fn(int $f): array => ['focalLength' => 20 + $f, 'widest' => 'f/2.8'], range(1, 12)), 'narrowest' => 'f/22',
        ], range(1, $pieces))], JSON_PRETTY_PRINT | JSON_THROW_ON_ERROR);
    }
}
