@extends('frame.page')
@section('plate')
    <h1 class="sentence">Find in {{ $frame->document->title() }}</h1>
    <form
        method="get"
        action="{{ route('find', $frame->build, false) }}"
        role="search"
    >
        <x-field
            id="q"
            label="A name"
            name="q"
            :value="$word"
            autofocus
        />
        <button class="button is-primary">Find it</button>
    </form>
    <ul class="found">
        @forelse ($found as [$hit, $url])
            <li>
                <a href="{{ $url }}"><b>{{ $hit->label }}</b> <span class="muted">{{ $hit->where }}</span></a>
            </li>
        @empty
            <li>Nothing in this build is called “{{ $word }}”.</li>
        @endforelse
    </ul>
@endsection
