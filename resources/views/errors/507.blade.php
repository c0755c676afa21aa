@include('errors.layout', ['title' => 'There is no room', 'text' => $text ?? ($exception->getMessage() ?: 'The disk is full: nothing was changed.')])
