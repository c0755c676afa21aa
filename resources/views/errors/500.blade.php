@include('errors.layout', ['title' => 'Something broke', 'text' => 'That was our mistake, not yours. Nothing was changed; what is on the shelf is safe.'])
