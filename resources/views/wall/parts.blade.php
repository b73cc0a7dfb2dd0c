{{-- What the list beside "What glows?" offers: only what is made for the supply. --}}
<datalist id="parts-fit">
    @foreach ($parts as $entries)
        @foreach ($entries as $words)
            <option value="{{ $words }}"></option>
        @endforeach
    @endforeach
</datalist>
