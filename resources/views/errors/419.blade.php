@include('errors.layout', ['title' => 'Too long away', 'text' => 'The page was open for so long that it no longer counts as yours. Nothing was changed: go back, reload, and do it again.'])
