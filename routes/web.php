<?php

declare(strict_types=1);

use App\Http\Controllers\Account;
use App\Http\Controllers\Bag;
use App\Http\Controllers\Exchange;
use App\Http\Controllers\Moments;
use App\Http\Controllers\Nights;
use App\Http\Controllers\Places;
use App\Http\Controllers\Rooms;
use App\Http\Controllers\ShowHealth;
use App\Http\Middleware\InTurn;
use App\Http\Middleware\ReadBody;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/nights')->name('home');
Route::get('/schema/{kind}', Exchange\ShowSchema::class);
Route::get('/up', ShowHealth::class)->withoutMiddleware('web');

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', Account\ShowSignIn::class)->name('login');
    Route::post('/sign-in', Account\SignIn::class);
    Route::get('/register', Account\ShowRegistration::class)->name('register');
    Route::post('/register', Account\Register::class);
    Route::get('/forgotten', Account\ShowForgotten::class)->name('password.request');
    Route::post('/forgotten', Account\SendResetLink::class);
    Route::get('/reset/{token}', Account\ShowReset::class)->name('password.reset');
    Route::post('/reset', Account\ResetPassword::class);
    Route::middleware('signed:relative')->group(static function (): void {
        Route::get('/confirm/{account}', Account\ShowConfirmation::class)->name('confirm');
        Route::post('/confirm/{account}', Account\Confirm::class);
    });
});

// What looks and reckons, and stores nothing that anybody has entered.
Route::middleware('auth')->group(static function (): void {
    Route::post('/sign-out', Account\SignOut::class)->name('sign-out');
    Route::get('/account', Account\ShowAccount::class)->name('account');
    Route::put('/account/password', Account\ChangePassword::class); // what goes wrong there is counted, so it is not taken back
    Route::get('/alive', Account\Alive::class);
    Route::get('/nights', Nights\ListNights::class)->name('nights.index');
    Route::get('/nights/{night}', Nights\ShowScore::class)->can('view', 'night')->name('nights.show');
    Route::get('/nights/{night}/timetable', Nights\ShowTimetable::class)->can('view', 'night')->name('nights.timetable');
    Route::post('/nights/{night}/change', Nights\TryChange::class)->can('view', 'night');
    Route::post('/nights/{night}/slide', Nights\SlideMoment::class)->can('view', 'night');
    Route::get('/nights/{night}/cards', Nights\ShowCards::class)->defaults('page', 'nights/Cards')->can('view', 'night')->name('nights.cards');
    Route::get('/nights/{night}/carry', Nights\ShowCards::class)->defaults('page', 'nights/Carry')->can('view', 'night')->name('nights.carry');
    Route::get('/nights/{night}/paper/{paper}', Exchange\DownloadPaper::class)->can('view', 'night');
    Route::get('/nights/{night}/kit', Nights\ShowKit::class)->can('view', 'night')->name('nights.kit');
    Route::get('/nights/{night}/energy', Nights\ShowEnergy::class)->can('view', 'night')->name('nights.energy');

    Route::get('/nights/{night}/document', Exchange\ExportNight::class)->can('view', 'night');
    Route::get('/nights/{night}/calendar', Exchange\DownloadCalendar::class)->can('view', 'night');
    Route::get('/nights/{night}/score', Exchange\ExportScore::class)->can('view', 'night');
    Route::get('/nights/{night}/score.csv', Exchange\DownloadScore::class)->can('view', 'night');
    Route::get('/nights/{night}/timetable.csv', Exchange\DownloadTimetable::class)->can('view', 'night');
    Route::get('/nights/{night}/kit.csv', Exchange\DownloadKit::class)->can('view', 'night');
    Route::get('/nights/{night}/energy.csv', Exchange\DownloadEnergy::class)->can('view', 'night');

    Route::get('/moments/{moment}', Moments\ShowBench::class)->can('view', 'moment')->name('moments.bench');
    Route::get('/moments/{moment}/plan', Moments\ShowPlan::class)->can('view', 'moment')->name('moments.plan');
    Route::get('/moments/{moment}/state', Moments\ReadMoment::class)->can('view', 'moment');
    Route::post('/moments/{moment}/solve', Moments\SolveMoment::class)->can('view', 'moment');
    Route::post('/moments/{moment}/strip', Moments\SolveStrip::class)->can('view', 'moment');
    Route::post('/moments/{moment}/ways', Moments\CompareWays::class)->can('view', 'moment');
    Route::post('/moments/{moment}/compare', Moments\ComparePins::class)->can('view', 'moment');
    Route::post('/moments/{moment}/drag', Moments\ShowDrag::class)->can('view', 'moment');
    Route::post('/moments/{moment}/ask', Moments\AskLook::class)->can('view', 'moment');
    Route::post('/moments/{moment}/colour', Moments\ShowColour::class)->can('view', 'moment');
    Route::post('/moments/{moment}/picture', Moments\ShowPicture::class)->can('view', 'moment');
    Route::post('/moments/{moment}/pictured', Moments\SolveAndPicture::class)->can('view', 'moment');
    Route::post('/moments/{moment}/costs', Moments\PriceMoment::class)->can('view', 'moment');
    Route::get('/moments/{moment}/document', Moments\DownloadMoment::class)->can('view', 'moment');

    Route::get('/bag', Bag\ShowBag::class)->name('bag');
    Route::get('/bag/document', Exchange\ExportBag::class);
    Route::get('/bag.csv', Exchange\DownloadBag::class);
    Route::get('/bag/new/{kind}', Bag\NewPiece::class);
    Route::get('/pieces/{piece}', Bag\ShowPiece::class)->can('view', 'piece')->name('pieces.show');

    Route::get('/places', Places\ListPlaces::class)->name('places.index');
    Route::get('/places/{venue}', Places\ShowPlace::class)->can('view', 'venue')->name('places.show');
    Route::get('/places/{venue}/document', Exchange\ExportPlace::class)->can('view', 'venue');
    Route::get('/rooms/{room}', Rooms\ShowRoom::class)->can('view', 'room')->name('rooms.show');

    Route::get('/import', Exchange\ShowImport::class)->name('import');
    Route::get('/imports/{import}', Exchange\ShowProgress::class)->can('view', 'import');
});

// What stores, one thing at a time.
Route::middleware(['auth', InTurn::class])->group(static function (): void {
    Route::put('/account/voice', Account\SaveVoice::class);
    Route::post('/nights', Nights\StartNight::class);
    Route::put('/nights/{night}', Nights\SaveNight::class)->can('update', 'night');
    Route::put('/nights/{night}/change', Nights\KeepChange::class)->can('update', 'night');
    Route::delete('/nights/{night}/change', Nights\UndoChange::class)->can('update', 'night');
    Route::put('/nights/{night}/favour', Nights\ChooseFavour::class)->can('update', 'night');
    Route::delete('/nights/{night}', Nights\DeleteNight::class)->can('delete', 'night');
    Route::post('/nights/{night}/copy', Nights\CopyNight::class)->can('view', 'night');
    Route::post('/nights/{night}/moments', Moments\AddMoment::class)->can('update', 'night');
    Route::put('/moments/{moment}', Moments\SaveMoment::class)->can('update', 'moment');
    Route::delete('/moments/{moment}', Moments\DeleteMoment::class)->can('delete', 'moment');
    Route::put('/moments/{moment}/plan', Moments\SavePlan::class)->can('update', 'moment');
    Route::put('/moments/{moment}/hold', Moments\HoldSettings::class)->can('update', 'moment');
    Route::put('/moments/{moment}/time', Moments\MoveMoment::class)->can('update', 'moment');
    Route::post('/moments/{moment}/undo', Moments\UndoMoment::class)->can('update', 'moment');
    Route::post('/moments/{moment}/redo', Moments\RedoMoment::class)->can('update', 'moment');
    Route::post('/moments/{moment}/pins', Moments\PinSettings::class)->can('update', 'moment');
    Route::delete('/moments/{moment}/pins/{pin}', Moments\UnpinSettings::class)->whereUuid('pin')->can('update', 'moment');
    Route::post('/bag/starter', Bag\FillBag::class);
    Route::post('/bag/new/{kind}', Bag\AddPiece::class);
    Route::put('/pieces/{piece}', Bag\SavePiece::class)->can('update', 'piece');
    Route::post('/pieces/{piece}/copy', Bag\CopyPiece::class)->can('view', 'piece');
    Route::post('/pieces/{piece}/archive', Bag\ArchivePiece::class)->can('update', 'piece');
    Route::post('/pieces/{piece}/undo', Bag\UndoPiece::class)->can('update', 'piece');
    Route::post('/places', Places\AddPlace::class);
    Route::put('/places/{venue}', Places\SavePlace::class)->can('update', 'venue');
    Route::delete('/places/{venue}', Places\DeletePlace::class)->can('delete', 'venue');
    Route::post('/places/{venue}/rooms', Rooms\AddRoom::class)->can('update', 'venue');
    Route::put('/rooms/{room}', Rooms\SaveRoom::class)->can('update', 'room');
    Route::delete('/rooms/{room}', Rooms\DeleteRoom::class)->can('delete', 'room');
    // These read a body that is larger than others, by a reader of their own.
    Route::post('/import', Exchange\TakeImport::class)->withoutMiddleware(ReadBody::class);
    Route::post('/import/preview', Exchange\PreviewImport::class)->withoutMiddleware(ReadBody::class);
});
