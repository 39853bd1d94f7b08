{{ $words }}

{{ $link }}
