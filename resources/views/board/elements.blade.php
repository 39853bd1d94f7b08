@forelse ($list->groups() as $group => $elements)
    <h3>{{ $group }}</h3>
    <ul>
        @foreach ($elements as $id => [$name, $values])
            <li><button type="button" data-choose="{{ $id }}">{{ $name }}</button> {{ $values }}</li>
        @endforeach
    </ul>
@empty
    <p>Nothing is drawn yet.</p>
@endforelse
