@extends('errors.page')
@section('title', 'The builds can\'t be reached')
@section('says', $says)
@section('kept',
    'Nothing is replaced or repaired by itself. Stop the bench, take a copy of the database file, and put a
    backup back with bin/glow restore. ' . ($newest === null ? 'There is no backup yet.' : 'The newest backup is ' .
    $newest['name'] . '.'))
