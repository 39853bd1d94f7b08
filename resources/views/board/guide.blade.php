@include('guide', ['project' => $page->scheme->project])
