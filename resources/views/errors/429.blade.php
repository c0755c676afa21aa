@include('errors.layout', ['title' => 'Too fast', 'text' => 'Wait a moment and try again.'])
