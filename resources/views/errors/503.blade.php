@include('errors.layout', ['title' => 'Closed for a moment', 'text' => 'Ephemeron is being tidied. Try again in a minute.'])
