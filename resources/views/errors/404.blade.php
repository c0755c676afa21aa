@include('errors.layout', ['title' => 'Nothing lies here', 'text' => 'This page, project or sheet does not exist, or it was taken off the shelf.'])
