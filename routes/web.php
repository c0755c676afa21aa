<?php

declare(strict_types=1);

use App\Http\Controllers\AdviserController;
use App\Http\Controllers\BatchController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\CameController;
use App\Http\Controllers\CatalogueController;
use App\Http\Controllers\ClockController;
use App\Http\Controllers\ClubController;
use App\Http\Controllers\ConfirmController;
use App\Http\Controllers\CopiesController;
use App\Http\Controllers\CopyController;
use App\Http\Controllers\CostController;
use App\Http\Controllers\CutController;
use App\Http\Controllers\DepartureController;
use App\Http\Controllers\DesignController;
use App\Http\Controllers\DrawBaseController;
use App\Http\Controllers\EighthsController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FitController;
use App\Http\Controllers\FoldController;
use App\Http\Controllers\FurnitureController;
use App\Http\Controllers\HistoryController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\KeepsakesController;
use App\Http\Controllers\LaidByController;
use App\Http\Controllers\LeavesController;
use App\Http\Controllers\LogController;
use App\Http\Controllers\MakesController;
use App\Http\Controllers\MotifController;
use App\Http\Controllers\MyselfController;
use App\Http\Controllers\NoteController;
use App\Http\Controllers\OffcutController;
use App\Http\Controllers\OpeningController;
use App\Http\Controllers\OwnPaperController;
use App\Http\Controllers\OwnStructureController;
use App\Http\Controllers\PaperController;
use App\Http\Controllers\PaperCsvController;
use App\Http\Controllers\PaperingController;
use App\Http\Controllers\PaperPictureController;
use App\Http\Controllers\PapersForBookController;
use App\Http\Controllers\PatternController;
use App\Http\Controllers\PinController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PlanSearchController;
use App\Http\Controllers\PrintController;
use App\Http\Controllers\ProjectController;
use App\Http\Controllers\RestoreController;
use App\Http\Controllers\ScoreController;
use App\Http\Controllers\ShownController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SpoiledController;
use App\Http\Controllers\SupplyController;
use App\Http\Controllers\TabletController;
use App\Http\Controllers\TakenOffController;
use App\Http\Controllers\TickController;
use App\Http\Controllers\TogetherController;
use App\Http\Controllers\TurnController;
use App\Http\Controllers\WordsController;
use App\Http\Controllers\WorthKeepingController;
use App\Http\Middleware\KeptPages;
use App\Http\Middleware\LookAtSession;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

// Numbers of what is kept; others are of nothing.
foreach (['project', 'paper', 'lent', 'supply', 'note', 'search', 'departure', 'share', 'device', 'maker', 'circle'] as $kept) {
    Route::pattern($kept, '[0-9]{1,18}');
}

Route::get('/', [ProjectController::class, 'index'])->name('shelf')->middleware(KeptPages::class);

// One maker alone: tablets that may come. Many: signing in, oneself, the club. Each is not there where the other is.
Route::get('tablet', [TabletController::class, 'show'])->name('tablet');
Route::post('tablet/begin', [TabletController::class, 'begin'])->name('tablet.begin');
Route::post('tablet', [TabletController::class, 'enter'])->name('tablet.enter');
Route::delete('tablet', [TabletController::class, 'stop'])->name('tablet.stop');
Route::delete('tablet/{device}', [TabletController::class, 'turnAway'])->name('tablet.turn-away');
Route::get('sign-in', [SignInController::class, 'show'])->name('sign-in');
Route::post('sign-in', [SignInController::class, 'enter'])->name('sign-in.enter');
Route::post('sign-out', [SignInController::class, 'leave'])->name('sign-out');
Route::get('myself', [MyselfController::class, 'show'])->name('myself');
Route::put('myself/phrase', [MyselfController::class, 'phrase'])->name('myself.phrase');
Route::delete('myself/sessions/{session}', [MyselfController::class, 'end'])->where('session', '[0-9a-f]{16}')->name('myself.end');
Route::put('myself/circles/{circle}', [MyselfController::class, 'lend'])->name('myself.lend');
Route::get('club', [ClubController::class, 'show'])->name('club');
Route::post('club/makers', [ClubController::class, 'add'])->name('club.add');
Route::put('club/makers/{maker}/phrase', [ClubController::class, 'phrase'])->name('club.phrase');
Route::put('club/makers/{maker}', [ClubController::class, 'leave'])->name('club.leave');
Route::post('club/circles', [ClubController::class, 'circle'])->name('club.circle');
Route::put('club/circles/{circle}/{maker}', [ClubController::class, 'join'])->name('club.join');
Route::get('board', [ShownController::class, 'board'])->name('board');
Route::get('board/{number}', [ShownController::class, 'onTheBoard'])->where('number', '[0-9]{1,9}')->name('board.pattern');
Route::get('shown/{token}', [ShownController::class, 'byLink'])->where('token', '[0-9A-Za-z]{40}')->name('shown');

Route::get('papers.csv', [PaperCsvController::class, 'export'])->name('papers.csv');
Route::get('papers/makes', MakesController::class)->name('papers.makes');
Route::post('papers/look', [PaperCsvController::class, 'look'])->name('papers.look');
Route::post('papers/take', [PaperCsvController::class, 'take'])->name('papers.take');
// Pictures are fetched while a page says what has just changed: they must not use up what a session says once.
Route::get('papers/{lent}/picture', [PaperPictureController::class, 'show'])->name('papers.picture')
    ->withoutMiddleware([StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class])->middleware(LookAtSession::class);
Route::post('papers/{paper}/picture', [PaperPictureController::class, 'store'])->name('papers.picture.store');
Route::put('papers/{paper}/picture', [PaperPictureController::class, 'square'])->name('papers.picture.square');
Route::get('papers/own', [OwnPaperController::class, 'show'])->name('papers.own');
Route::post('papers/own', [OwnPaperController::class, 'keep'])->name('papers.own.keep');
Route::post('papers/own/drawer', [OwnPaperController::class, 'putIn'])->name('papers.own.put');
Route::get('papers/own/sheet.{type}', [OwnPaperController::class, 'sheet'])->whereIn('type', ['look', 'png', 'pdf'])
    ->name('papers.own.sheet');
Route::put('papers/kept', WorthKeepingController::class)->name('papers.kept');
Route::resource('papers', PaperController::class)->only(['index', 'store', 'update', 'destroy']);
Route::resource('supplies', SupplyController::class)->only(['index', 'store', 'update', 'destroy']);
Route::get('taken-off', [TakenOffController::class, 'index'])->name('taken-off');
Route::post('taken-off/{kind}/{id}', [TakenOffController::class, 'restore'])
    ->whereIn('kind', ['book', 'paper', 'supply'])->where('id', '[0-9]{1,9}')->name('taken-off.restore');
Route::get('logbook', [LogController::class, 'book'])->name('logbook');
Route::put('logbook/allowance', [LogController::class, 'allow'])->name('logbook.allow');
Route::get('logbook.csv', [LogController::class, 'csv'])->name('logbook.csv');
Route::get('copies', [CopiesController::class, 'show'])->name('copies');
Route::post('copies', [CopiesController::class, 'make'])->name('copies.make');
Route::get('copies/{name}', [CopiesController::class, 'take'])->where('name', '[a-z0-9.-]{1,60}')->name('copies.take');
Route::post('copies/restore', [CopiesController::class, 'restore'])->name('copies.restore');
Route::get('together', [TogetherController::class, 'show'])->name('together');
Route::post('together', [TogetherController::class, 'store'])->name('together.store');
Route::get('catalogue', CatalogueController::class)->name('catalogue');
Route::get('structures', [OwnStructureController::class, 'show'])->name('own-structure');
Route::post('structures', [OwnStructureController::class, 'store'])->name('own-structure.store');
Route::get('structures/{key}.json', [OwnStructureController::class, 'file'])->where('key', 'own-[0-9a-f]{12}')->name('own-structure.file');
Route::delete('structures/{key}', [OwnStructureController::class, 'destroy'])->where('key', 'own-[0-9a-f]{12}')
    ->name('own-structure.destroy');
Route::get('words', [WordsController::class, 'index'])->name('words');
Route::get('words/{key}', [WordsController::class, 'show'])->where('key', '[a-z0-9-]{1,40}')->name('words.show')
    ->withoutMiddleware([StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class])->middleware(LookAtSession::class);
Route::get('eighths', [EighthsController::class, 'show'])->name('eighths');
Route::get('eighths/sum', [EighthsController::class, 'sum'])->name('eighths.sum')
    ->withoutMiddleware([StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class])->middleware(LookAtSession::class);
Route::get('adviser', [AdviserController::class, 'show'])->name('adviser');
Route::post('adviser', [AdviserController::class, 'begin'])->name('adviser.begin');
Route::resource('projects', ProjectController::class)->only(['store', 'update', 'destroy']);
Route::post('import', ImportController::class)->name('import');
Route::post('projects/{project}/restore', RestoreController::class)->withTrashed()->name('projects.restore');

Route::prefix('projects/{project}')->group(function (): void {
    Route::post('copy', CopyController::class)->name('projects.copy');

    Route::get('plan', PlanController::class)->name('plan')->middleware(KeptPages::class);
    Route::get('base', [DrawBaseController::class, 'show'])->name('base');
    Route::post('base', [DrawBaseController::class, 'change'])->name('base.change');
    Route::get('paper', [PaperingController::class, 'show'])->name('paper');
    Route::post('paper', [PaperingController::class, 'choose'])->name('paper.choose');
    Route::post('paper/propose', [PaperingController::class, 'propose'])->name('paper.propose');
    Route::get('motif', [MotifController::class, 'show'])->name('motif');
    Route::post('motif', [MotifController::class, 'move'])->name('motif.move');
    Route::delete('paper/propose', [PaperingController::class, 'callOff'])->name('paper.propose.call-off');
    Route::get('leaves', [LeavesController::class, 'show'])->name('leaves');
    Route::post('leaves/order', [LeavesController::class, 'propose'])->name('leaves.propose');
    Route::patch('leaves/order', [LeavesController::class, 'move'])->name('leaves.move');
    Route::post('leaves/template', [LeavesController::class, 'template'])->name('leaves.template');
    Route::post('leaves/heap', [LeavesController::class, 'add'])->name('leaves.add');
    Route::delete('leaves/heap/{key}', [LeavesController::class, 'takeOff'])->where('key', '[a-z0-9-]{1,40}')->name('leaves.take-off');
    Route::get('cut', CutController::class)->name('cut')->middleware(KeptPages::class);
    Route::delete('together', [TogetherController::class, 'destroy'])->name('together.apart');
    Route::get('cut/{key}', [CutController::class, 'later'])->where('key', '[a-z0-9-]{1,60}')->name('cut.pattern');
    Route::get('score', ScoreController::class)->name('score')->middleware(KeptPages::class);
    Route::get('fold', FoldController::class)->name('fold')->middleware(KeptPages::class);
    Route::get('bench', BenchController::class)->name('bench')->middleware(KeptPages::class);
    Route::get('print', [PrintController::class, 'show'])->name('print');
    Route::get('print/{document}.pdf', [PrintController::class, 'pdf'])->name('print.pdf');

    Route::post('shares', [ShownController::class, 'share'])->name('shares.store');
    Route::delete('shares/{share}', [ShownController::class, 'takeBack'])->scopeBindings()->name('shares.destroy');
    Route::put('board', [ShownController::class, 'publish'])->name('board.publish');
    Route::get('log', [LogController::class, 'show'])->name('log');
    Route::put('log', [LogController::class, 'lesson'])->name('log.lesson');
    Route::post('log/again', [LogController::class, 'again'])->name('log.again');
    Route::post('departures', [DepartureController::class, 'store'])->name('departures.store');
    Route::delete('departures/{departure}', [DepartureController::class, 'destroy'])->scopeBindings()->name('departures.destroy');
    Route::get('cost', [CostController::class, 'show'])->name('cost');
    Route::put('cost', [CostController::class, 'keep'])->name('cost.keep');
    Route::get('pattern.html', PatternController::class)->name('pattern');
    Route::get('openings/{number}', [OpeningController::class, 'small'])->where('number', '[0-9]{1,9}')->name('opening.small');
    Route::get('openings/{number}.png', OpeningController::class)->where('number', '[0-9]{1,9}')->name('opening.png');

    Route::get('going-in', [KeepsakesController::class, 'show'])->name('keepsakes');
    Route::post('going-in', [KeepsakesController::class, 'add'])->name('keepsakes.add');
    Route::post('going-in/places', [KeepsakesController::class, 'propose'])->name('keepsakes.propose');
    Route::delete('going-in/{key}', [KeepsakesController::class, 'takeOut'])->where('key', '[a-z0-9-]{1,40}')->name('keepsakes.take-out');
    Route::post('going-in/{key}/picture', [KeepsakesController::class, 'take'])->where('key', '[a-z0-9-]{1,40}')
        ->name('keepsakes.picture.take');
    Route::get('going-in/{key}/picture', [KeepsakesController::class, 'picture'])->where('key', '[a-z0-9-]{1,40}')
        ->name('keepsakes.picture');
    Route::patch('design', DesignController::class)->name('design');
    Route::post('confirm', ConfirmController::class)->name('confirm');
    Route::delete('turn', TurnController::class)->name('turns.leave');
    Route::post('spoiled', SpoiledController::class)->name('spoiled');
    Route::post('laid-by', LaidByController::class)->name('laid-by');
    Route::post('batches', [BatchController::class, 'store'])->name('batches.store');
    Route::post('undo', [HistoryController::class, 'undo'])->name('undo');
    Route::post('redo', [HistoryController::class, 'redo'])->name('redo');
    Route::post('furniture', [FurnitureController::class, 'store'])->name('furniture.store');
    Route::patch('furniture', [FurnitureController::class, 'update'])->name('furniture.update');
    Route::delete('furniture', [FurnitureController::class, 'destroy'])->name('furniture.destroy');
    Route::post('fit', FitController::class)->name('fit');
    Route::get('papers', [PapersForBookController::class, 'show'])->name('papers.for');
    Route::post('papers/take', [PapersForBookController::class, 'store'])->name('papers.for.take');

    Route::post('searches', [PlanSearchController::class, 'store'])->name('searches.store');
    Route::get('searches/{search}', [PlanSearchController::class, 'show'])->scopeBindings()->name('searches.show');
    Route::delete('searches/{search}', [PlanSearchController::class, 'destroy'])->scopeBindings()->name('searches.destroy');
    Route::put('offcuts', OffcutController::class)->name('offcuts');
    Route::post('pins', [PinController::class, 'store'])->name('pins.store');
    Route::delete('pins/{pin}', [PinController::class, 'destroy'])->where('pin', '[0-9]{1,9}')->name('pins.destroy');

    Route::put('ticks', [TickController::class, 'update'])->name('ticks.update');
    Route::post('came', CameController::class)->name('came');
    Route::put('clock', ClockController::class)->name('clock');
    Route::get('notes/{note}/photo', [NoteController::class, 'photo'])->scopeBindings()->name('notes.photo');
    Route::post('notes', [NoteController::class, 'store'])->name('notes.store');
    Route::delete('notes/{note}', [NoteController::class, 'destroy'])->scopeBindings()->name('notes.destroy');

    Route::get('stored.json', [ExportController::class, 'stored'])->name('export.stored');
    Route::get('book.zip', [ExportController::class, 'book'])->name('export.book');
    Route::get('design.json', [ExportController::class, 'design'])->name('export.design');
    Route::get('cut-list.csv', [ExportController::class, 'cutList'])->name('export.cut-list');
    Route::get('cut-plan.csv', [ExportController::class, 'cutPlanCsv'])->name('export.cut-plan.csv');
    Route::get('cut-plan.json', [ExportController::class, 'cutPlanJson'])->name('export.cut-plan.json');
    Route::get('patterns/{letter}.{type}', [ExportController::class, 'pattern'])
        ->where('letter', '[A-Z]{1,3}')->whereIn('type', ['fold', 'svg', 'dxf'])->name('export.pattern');
    Route::get('sheets/{key}.{type}', [ExportController::class, 'sheet'])
        ->where('key', 'cut-[0-9a-f]{12}-\d{1,4}')->whereIn('type', ['svg', 'dxf'])->name('export.sheet');
});
