@extends('frame.page')
@section('plate')
<h1 class="sentence">Find in {{ $page->document->title() }}</h1>
<form method="get" action="/b/{{ $page->build->key }}/find" role="search"><span class="blank"><label for="q">A name or id</label><input class="typed" id="q" name="q" value="{{ $q }}" autofocus></span><button class="button is-primary">Find it</button></form>
<ul class="found">
@php($hits = 0)
@foreach(array_keys($page->analysis->build->index->sections) as $id)
@php($item = $page->analysis->build->index->item($id))
@php($circuit = $page->analysis->build->index->sections[$id] === 'circuits' ? $id : $item->text('circuit'))
@if($q === '' || stripos($id.' '.$item->text('label'), $q) !== false)
@php($hits++)
<li><a href="{{ $page->url(['c' => $circuit, 'station' => 'circuit']) }}"><b>{{ $item->text('label', $id) }}</b> <span class="muted">{{ str_replace('.', ', ', $page->analysis->build->index->sections[$id]) }} · <span class="figure">{{ $id }}</span></span></a></li>
@endif
@endforeach
@if($hits === 0)<li>Nothing in this build is called “{{ $q }}”.</li>@endif
</ul>
@endsection
