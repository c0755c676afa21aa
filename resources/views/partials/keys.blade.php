<dialog class="keys" x-ref="keys" aria-labelledby="keys-title">
    @php($about = \App\Words\Screens::said(Route::currentRouteName()))
    @if ($about)<h2 class="section-title">This page</h2><p>{{ $about }}</p>@endif
    <p id="words-here" hidden></p>
    <p><a href="{{ route('words') }}">Words of the trade</a></p>
    <h2 class="section-title" id="keys-title">Keys</h2>
    <dl>
        <dt><kbd>?</kbd></dt><dd>this list</dd>
        <dt><kbd>u</kbd></dt><dd>the other unit beside every number</dd>
        <dt><kbd>1</kbd>, <kbd>2</kbd> …</dt><dd>the stages of the strip, left to right</dd>
        <dt><kbd>Ctrl</kbd> <kbd>z</kbd></dt><dd>undo; with <kbd>Shift</kbd>, do again</dd>
        <dt><kbd>Tab</kbd>, arrows</dt><dd>on Plan: take a thing on the face in hand and move it by a mark; with <kbd>Shift</kbd>, by eight</dd>
        <dt><kbd>Enter</kbd></dt><dd>on Plan: its measures; <kbd>Delete</kbd> takes it off</dd>
        <dt><kbd>space</kbd></dt><dd>on Cut: that cut is made; <kbd>←</kbd> takes it back</dd>
        <dt><kbd>space</kbd>, arrows</dt><dd>on Fold: fold or stop, single folds; <kbd>b</kbd> from behind, <kbd>f</kbd> flaps of the pages open</dd>
        <dt>arrows</dt><dd>on a drawn base: the score or flap in hand moves by a mark; <kbd>v</kbd> valley, <kbd>m</kbd> mountain, <kbd>b</kbd> no score, <kbd>o</kbd> from the other end too, <kbd>Delete</kbd> away</dd>
        <dt>arrows</dt><dd>on the motif: it moves by a mark, with <kbd>Shift</kbd> by eight</dd>
        <dt><kbd>Page Down</kbd>, <kbd>Page Up</kbd></dt><dd>on Cut, Score and Bench: done, and back; a foot switch sends them</dd>
        <dt><kbd>space</kbd> or <kbd>→</kbd></dt><dd>at the bench: done, next step</dd>
        <dt><kbd>←</kbd></dt><dd>at the bench: the step before</dd>
        <dt><kbd>m</kbd></dt><dd>at the bench: note a measurement</dd>
        <dt><kbd>t</kbd></dt><dd>at the bench: start and stop the timer</dd>
    </dl>
    @unless (\App\Club\Club::isOpen() || ! Route::has('tablet') || ! \App\Club\Tablets::isAtThisMachine(request()))<p><a href="{{ route('tablet', ['to' => '/'.request()->path()]) }}">Take this to the tablet</a></p>@endunless
    <form method="dialog"><button class="btn-main">Close</button></form>
</dialog>
