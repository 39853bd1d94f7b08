@forelse ($page->groups() as $group => $entries)
    <section class="search-group">
        <h3>{{ $group }}</h3>
        <ul>@foreach ($entries as $entry)<li><a href="{{ $entry->address }}"><b>{{ $entry->title }}</b> <span>{{ $entry->detail }}</span></a></li>@endforeach</ul>
    </section>
@empty
    <p class="search-none">Nothing is called so.</p>
@endforelse
