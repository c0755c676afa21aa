@include('errors.layout', ['title' => 'Not this way', 'text' => 'This address is not meant to be opened like that.'])
