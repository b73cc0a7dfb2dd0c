@extends('errors.page')
@section('title', 'Too much at once')
@section('says', 'What was sent is larger than the bench takes: a build file may have 1 MB.')
@section('kept', 'Nothing was changed.')
