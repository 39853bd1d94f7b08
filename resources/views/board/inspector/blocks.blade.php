@php($blocks = $page->blocks())
@if ($blocks->blocks !== [])
    <h3>Blocks</h3>
    @php($questions = $blocks->questions())
    @if ($questions !== [])
        <p>To be settled before walls are made:</p>
        <ul class="block-questions">
            @foreach ($questions as $question)
                <li>{{ $blocks->says($question) }}
                    <div class="answers">
                        @foreach ($blocks->answers($question) as $answer)<button type="button" class="btn btn-tool btn-sm" data-does="give-way" data-values="{{ json_encode(array_diff_key($answer, ['words' => 0])) }}">{{ $answer['words'] }}</button> @endforeach
                    </div>
                </li>
            @endforeach
        </ul>
    @endif
    <form data-form="block-walls">
        @if ($questions !== [])<label><input type="checkbox" name="as_they_are" value="1"> all is meant as it is</label>@endif
        <button class="btn btn-primary btn-sm">Make the walls of {{ count($blocks->blocks) }} {{ count($blocks->blocks) === 1 ? __('block') : __('blocks') }}</button>
    </form>
@endif
