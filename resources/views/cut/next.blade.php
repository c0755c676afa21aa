{{-- After a tick: what is in hand now, and the few marks elsewhere that have changed. --}}
@include('cut.in-hand')
@include('partials.undoing', ['alone' => true, 'stage' => \App\View\Stage::Cut, 'step' => null, 'face' => null])
@include('partials.moon-of-book', ['alone' => true])
@include('partials.stages', ['alone' => true, 'stage' => \App\View\Stage::Cut])
@if ($finished !== [])
    @include('cut.pattern', ['alone' => true, ...$finished])
@endif
