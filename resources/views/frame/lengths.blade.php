<x-form
    op="lengths"
    :echo="'lengths-' . $n"
    render="all"
    class="lengths"
>
    @foreach ($leads as $lead)
        <label for="length-{{ $n }}-{{ $loop->index }}">{{ $frame->names()->name($lead) }}</label><input
            class="typed"
            id="length-{{ $n }}-{{ $loop->index }}"
            name="length[{{ $lead }}]"
            size="7"
            autocomplete="off"
            placeholder="1.2 m"
        >
    @endforeach
    <button class="button is-small">{{ count($leads) === 1 ? 'Set the length' : 'Set the lengths' }}</button><span
        class="echo"
        id="lengths-{{ $n }}"
    ></span>
</x-form>
